<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Standin\Bench\Trouble;

/** All scripts that there are, by name. */
final class Scripts
{
    /** @return array<string, Definition> */
    public static function all(): array
    {
        return [
            'average_cross' => AverageCross::definition(),
            'oversold' => Oversold::definition(),
            'trend_flip' => FollowTheTrend::definition(),
            'midpoint_cross' => MidpointCross::definition(),
            'band_breakout' => BandBreakout::definition(),
            'averaging' => Averaging::definition(),
            'grid' => Grid::definition(),
            'coin_toss' => CoinToss::definition(),
        ];
    }

    /** @throws Trouble If there is no such script. */
    public static function definition(string $name): Definition
    {
        return self::all()[$name] ?? throw new Trouble("There is no script “{$name}”; known are ".implode(', ', array_keys(self::all())).'.');
    }
}
