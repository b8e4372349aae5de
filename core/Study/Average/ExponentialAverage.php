<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/** average + (number − average) × 2 ÷ (n + 1), begun with the simple average of the first n. */
final class ExponentialAverage implements Average
{
    private ?float $average = null;

    private float $sum = 0.0;

    private int $count = 0;

    public function __construct(private readonly int $length) {}

    public function next(float $number): ?float
    {
        if ($this->average !== null) {
            return $this->average += ($number - $this->average) * 2 / ($this->length + 1);
        }
        $this->sum += $number;
        if (++$this->count === $this->length) {
            $this->average = $this->sum / $this->length;
        }

        return $this->average;
    }
}
