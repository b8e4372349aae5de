<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Wexon\Core\Study\Candle;

/** The candles of a chart at one interval. Times are those of the practice clock, in milliseconds since 1970. */
interface Candles
{
    /** When the candle that goes on at a time began. */
    public function begin(int $time): int;

    /**
     * The last closed ones.
     *
     * @param  int  $until  Those that had closed at this time.
     * @return list<Candle> Oldest first.
     */
    public function closed(int $until, int $count): array;

    /**
     * @param  int  $first  Begin of the first one.
     * @param  int  $last  Begin of the last one.
     * @return list<Candle> Those between in which anything was traded.
     */
    public function between(int $first, int $last): array;

    /** The one that goes on, as far as it has come at its last look; null when nothing is traded. */
    public function forming(int $time): ?Candle;

    /**
     * The prices at each look of a candle, from its begin to its end.
     *
     * @return array<int, float> By time.
     */
    public function within(Candle $candle): array;
}
