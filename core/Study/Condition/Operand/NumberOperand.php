<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Operand;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\StudyTrouble;

/** The same number for ever: a level. */
final readonly class NumberOperand implements Operand
{
    public function __construct(private float $number) {}

    /** @throws StudyTrouble */
    public static function of(mixed $number): self
    {
        return is_numeric($number) ? new self((float) $number) : throw new StudyTrouble('A level is a number, such as 38.4.');
    }

    public function next(Candle $candle): float
    {
        return $this->number;
    }

    public function words(): string
    {
        return (string) json_encode($this->number);
    }
}
