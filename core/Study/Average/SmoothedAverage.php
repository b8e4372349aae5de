<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/**
 * (average × (n − 1) + number) ÷ n, begun with the simple average of the first n.
 * J. W. Wilder, New Concepts in Technical Trading Systems, 1978.
 */
final class SmoothedAverage implements Average
{
    private ?float $average = null;

    private float $sum = 0.0;

    private int $count = 0;

    public function __construct(private readonly int $length) {}

    public function next(float $number): ?float
    {
        if ($this->average !== null) {
            return $this->average = ($this->average * ($this->length - 1) + $number) / $this->length;
        }
        $this->sum += $number;
        if (++$this->count === $this->length) {
            $this->average = $this->sum / $this->length;
        }

        return $this->average;
    }
}
