<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** All studies that there are, by name. */
final class Studies
{
    /** @return array<string, Definition> */
    public static function all(): array
    {
        return [
            'simple_average' => AverageOfPrice::definition('Simple average', Average\SimpleAverage::class),
            'exponential_average' => AverageOfPrice::definition('Exponential average', Average\ExponentialAverage::class),
            'weighted_average' => AverageOfPrice::definition('Weighted average', Average\WeightedAverage::class),
            'smoothed_average' => AverageOfPrice::definition('Smoothed average', Average\SmoothedAverage::class),
            'rsi' => RelativeStrength::definition(),
            'macd' => AverageDifference::definition(),
            'true_range' => TrueRange::definition(),
            'bollinger' => BollingerBands::definition(),
            'keltner' => KeltnerChannel::definition(),
            'donchian' => DonchianChannel::definition(),
            'trend_flip' => TrendFlip::definition(),
            'midpoints' => Midpoints::definition(),
            'stochastic' => Stochastic::definition(),
            'rate_of_change' => RateOfChange::definition(),
            'vwap' => VolumeWeightedPrice::definition(),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $parameters
     *
     * @throws StudyTrouble If there is no such study, or it cannot be made so.
     */
    public static function make(string $name, array $parameters = []): Study
    {
        return self::definition($name)->make($parameters);
    }

    /** @throws StudyTrouble If there is no such study. */
    public static function definition(string $name): Definition
    {
        return self::all()[$name] ?? throw new StudyTrouble("There is no study “{$name}”; known are ".implode(', ', array_keys(self::all())).'.');
    }
}
