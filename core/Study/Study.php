<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * Something that is worked out from candles, one after the other. A study remembers only what it needs for the next
 * candle, in plain values: to see what a candle that is still going on would give, ask a copy (serialize, unserialize).
 */
interface Study
{
    /**
     * Takes the next closed candle.
     *
     * @return array<string, float> By the names of its lines; empty as long as there were too few candles.
     */
    public function next(Candle $candle): array;
}
