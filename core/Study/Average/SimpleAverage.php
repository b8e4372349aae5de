<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

use Wexon\Core\Study\Ring;

/** The sum of the last n numbers ÷ n. */
final class SimpleAverage implements Average
{
    private readonly Ring $last;

    public function __construct(private readonly int $length)
    {
        $this->last = new Ring($length);
    }

    public function next(float $number): ?float
    {
        $this->last->push($number);
        $last = $this->last->all();

        // Summed anew each time: a running sum would drift away over months of candles.
        return $last === null ? null : array_sum($last) / $this->length;
    }
}
