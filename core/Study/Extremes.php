<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** Highest high and lowest low of the last n candles. */
final class Extremes
{
    private readonly Ring $highs;

    private readonly Ring $lows;

    public function __construct(int $length)
    {
        $this->highs = new Ring($length);
        $this->lows = new Ring($length);
    }

    /** @return array{float, float}|null Highest and lowest; null as long as there were too few candles. */
    public function next(Candle $candle): ?array
    {
        $this->highs->push($candle->high);
        $this->lows->push($candle->low);
        $highs = $this->highs->all();
        $lows = $this->lows->all();

        return $highs === null || $lows === null ? null : [max($highs), min($lows)];
    }
}
