<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Wexon\Core\Study\Candle;

/** Candles as they were brought along. */
final readonly class ImportedCandles implements Candles
{
    public function __construct(private Imports $imports, private int $id, private Interval $interval) {}

    public function begin(int $time): int
    {
        return $time - $time % $this->interval->length();
    }

    public function closed(int $until, int $count): array
    {
        return $this->imports->candles($this->id, 0, $until - $this->interval->length(), $count);
    }

    public function between(int $first, int $last): array
    {
        return $this->imports->candles($this->id, $first, $last, PHP_INT_MAX);
    }

    public function forming(int $time): ?Candle
    {
        return null;
    }

    /** First down, then up, when it closed above its open; the other way round when below. */
    public function within(Candle $candle): array
    {
        $begin = $candle->at;
        $ways = $candle->close >= $candle->open ? [$candle->low, $candle->high] : [$candle->high, $candle->low];
        $third = intdiv($this->interval->length(), 3);

        return [$begin => $candle->open, $begin + $third => $ways[0], $begin + 2 * $third => $ways[1], $begin + $this->interval->length() => $candle->close];
    }
}
