<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** Highest high and lowest low of the last n candles. */
final class Extremes
{
    /** @var array<int, float> In a ring. */
    private array $highs = [];

    /** @var array<int, float> */
    private array $lows = [];

    private int $at = 0;

    public function __construct(private readonly int $length) {}

    /** @return array{float, float}|null Highest and lowest; null as long as there were too few candles. */
    public function next(Candle $candle): ?array
    {
        $this->highs[$this->at] = $candle->high;
        $this->lows[$this->at] = $candle->low;
        $this->at = ($this->at + 1) % $this->length;

        return count($this->highs) < $this->length ? null : [max($this->highs), min($this->lows)];
    }
}
