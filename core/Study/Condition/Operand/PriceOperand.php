<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Operand;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\StudyTrouble;

/** One of a candle's own prices. */
final readonly class PriceOperand implements Operand
{
    private const PRICES = ['open', 'high', 'low', 'close'];

    private function __construct(private string $price) {}

    /** @throws StudyTrouble */
    public static function of(mixed $price): self
    {
        return is_string($price) && in_array($price, self::PRICES, true) ? new self($price) : throw new StudyTrouble('A candle has '.implode(', ', self::PRICES).'.');
    }

    public function next(Candle $candle): float
    {
        return match ($this->price) {
            'open' => $candle->open,
            'high' => $candle->high,
            'low' => $candle->low,
            default => $candle->close,
        };
    }

    public function words(): string
    {
        return $this->price;
    }
}
