<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * VWAP: the typical price of all candles since the day began in UTC, weighted by their volume.
 * S. A. Berkowitz, D. E. Logue, E. A. Noser, The Total Cost of Transactions on the NYSE, Journal of Finance, 1988.
 */
final class VolumeWeightedPrice implements Study
{
    private const DAY = 86_400_000;

    private int $day = -1;

    private float $value = 0.0;

    private float $volume = 0.0;

    public static function definition(): Definition
    {
        return new Definition('VWAP', [], ['vwap'], true, static fn (array $given): self => new self);
    }

    public function next(Candle $candle): array
    {
        $day = intdiv($candle->at, self::DAY);
        if ($day !== $this->day) {
            [$this->day, $this->value, $this->volume] = [$day, 0.0, 0.0];
        }
        $this->value += $candle->typical() * $candle->volume;
        $this->volume += $candle->volume;

        return $this->volume === 0.0 ? [] : ['vwap' => $this->value / $this->volume];
    }
}
