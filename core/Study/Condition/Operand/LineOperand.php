<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Operand;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\StudyTrouble;

/** A straight line drawn through two points of the chart, going on to both sides. */
final readonly class LineOperand implements Operand
{
    private function __construct(private int $at, private float $price, private float $slope) {}

    /** @throws StudyTrouble */
    public static function of(mixed $from, mixed $to): self
    {
        [$at, $price] = self::point($from);
        [$end, $endPrice] = self::point($to);
        if ($at === $end) {
            throw new StudyTrouble('A drawn line goes through two different times.');
        }

        return new self($at, $price, ($endPrice - $price) / ($end - $at));
    }

    public function next(Candle $candle): float
    {
        return $this->price + $this->slope * ($candle->at - $this->at);
    }

    public function words(): string
    {
        return 'the drawn line';
    }

    /**
     * @return array{int, float}
     *
     * @throws StudyTrouble
     */
    private static function point(mixed $point): array
    {
        if (! is_array($point) || ! is_int($point[0] ?? null) || ! is_numeric($point[1] ?? null)) {
            throw new StudyTrouble('A point of a line is a time in milliseconds and a price.');
        }

        return [$point[0], (float) $point[1]];
    }
}
