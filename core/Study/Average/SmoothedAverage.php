<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/**
 * (average × (n − 1) + number) ÷ n, begun with the simple average of the first n: an exponential one with the share 1 ÷ n.
 * J. W. Wilder, New Concepts in Technical Trading Systems, 1978.
 */
final class SmoothedAverage implements Average
{
    private readonly ExponentialAverage $average;

    public function __construct(int $length)
    {
        $this->average = new ExponentialAverage($length, 1 / $length);
    }

    public function next(float $number): ?float
    {
        return $this->average->next($number);
    }
}
