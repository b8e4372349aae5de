<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/** The sum of the last n numbers ÷ n. */
final class SimpleAverage implements Average
{
    /** @var array<int, float> The last ones, in a ring. */
    private array $ring = [];

    private int $at = 0;

    public function __construct(private readonly int $length) {}

    public function next(float $number): ?float
    {
        $this->ring[$this->at] = $number;
        $this->at = ($this->at + 1) % $this->length;

        // Summed anew each time: a running sum would drift away over months of candles.
        return count($this->ring) < $this->length ? null : array_sum($this->ring) / $this->length;
    }
}
