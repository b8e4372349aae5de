<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Standin\Bench\Trouble;

/** The length of a chart's candles, and the looks at the price that each is made of: its ticks. */
enum Interval: string
{
    case OneSecond = '1s';
    case FiveSeconds = '5s';
    case OneMinute = '1min';
    case FiveMinutes = '5min';
    case QuarterHour = '15min';
    case Hour = '1h';
    case Day = '1d';

    /** @throws Trouble If there is no such interval. */
    public static function named(string $name): self
    {
        return self::tryFrom($name) ?? throw new Trouble('A chart has candles of '.implode(', ', array_column(self::cases(), 'value')).'.');
    }

    /** Milliseconds. */
    public function length(): int
    {
        return 1000 * match ($this) {
            self::OneSecond => 1,
            self::FiveSeconds => 5,
            self::OneMinute => 60,
            self::FiveMinutes => 300,
            self::QuarterHour => 900,
            self::Hour => 3_600,
            self::Day => 86_400,
        };
    }

    /**
     * Milliseconds between two looks. Those of a longer candle are among those of the shorter ones, so that it never went
     * further than they did.
     */
    public function look(): int
    {
        return match ($this) {
            self::OneSecond => 250,
            self::FiveSeconds => 500,
            default => intdiv($this->length(), 12),
        };
    }
}
