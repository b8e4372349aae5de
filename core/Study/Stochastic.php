<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Wexon\Core\Study\Average\SimpleAverage;

/**
 * Where the close lies between the lowest low and the highest high of the last n candles, in percent, averaged over a few
 * (k); and the average of that (d). G. C. Lane, Lane's Stochastics, Technical Analysis of Stocks & Commodities, 1984.
 */
final class Stochastic implements Study
{
    private Extremes $extremes;

    private SimpleAverage $smooth;

    private SimpleAverage $average;

    private function __construct(int $length, int $smooth, int $average)
    {
        $this->extremes = new Extremes($length);
        $this->smooth = new SimpleAverage($smooth);
        $this->average = new SimpleAverage($average);
    }

    public static function definition(): Definition
    {
        return new Definition('Stochastic', [
            'length' => new Parameter('Length', 14, 1, 200),
            'smooth' => new Parameter('Averaged over', 3, 1, 50),
            'average' => new Parameter('Length of d', 3, 1, 50),
        ], ['k', 'd'], false, static fn (array $given): self => new self((int) $given['length'], (int) $given['smooth'], (int) $given['average']));
    }

    public function next(Candle $candle): array
    {
        $extremes = $this->extremes->next($candle);
        if ($extremes === null) {
            return [];
        }
        [$high, $low] = $extremes;
        $k = $this->smooth->next($high === $low ? 50.0 : 100 * ($candle->close - $low) / ($high - $low));
        $d = $k === null ? null : $this->average->next($k);

        return array_filter(['k' => $k, 'd' => $d], static fn (?float $line): bool => $line !== null);
    }
}
