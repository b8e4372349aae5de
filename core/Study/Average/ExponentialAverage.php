<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/** average + (number − average) × share, begun with the simple average of the first n. The usual share is 2 ÷ (n + 1). */
final class ExponentialAverage implements Average
{
    private ?float $average = null;

    private float $sum = 0.0;

    private int $count = 0;

    private readonly float $share;

    public function __construct(private readonly int $length, ?float $share = null)
    {
        $this->share = $share ?? 2 / ($length + 1);
    }

    public function next(float $number): ?float
    {
        if ($this->average !== null) {
            return $this->average += ($number - $this->average) * $this->share;
        }
        $this->sum += $number;
        if (++$this->count === $this->length) {
            $this->average = $this->sum / $this->length;
        }

        return $this->average;
    }
}
