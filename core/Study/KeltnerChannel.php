<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Wexon\Core\Study\Average\ExponentialAverage;

/**
 * An exponential average of the closes, with lines k average true ranges above and below it. C. W. Keltner, How to Make
 * Money in Commodities, 1960, in the later form by exponential average and true range of L. B. Raschke.
 */
final class KeltnerChannel implements Study
{
    private ExponentialAverage $middle;

    private TrueRange $range;

    private function __construct(int $length, private readonly float $factor, int $rangeLength)
    {
        $this->middle = new ExponentialAverage($length);
        $this->range = new TrueRange($rangeLength);
    }

    public static function definition(): Definition
    {
        return new Definition('Keltner channel', [
            'length' => new Parameter('Length', 20, 1, 300),
            'factor' => new Parameter('Ranges away', 2, 0.1, 20, whole: false),
            'range_length' => new Parameter('Length of the range', 10, 1, 200),
        ], ['middle', 'upper', 'lower'], true, static fn (array $given): self => new self((int) $given['length'], $given['factor'], (int) $given['range_length']));
    }

    public function next(Candle $candle): array
    {
        $middle = $this->middle->next($candle->close);
        $range = $this->range->next($candle)['average'] ?? null;
        if ($middle === null || $range === null) {
            return [];
        }

        return ['middle' => $middle, 'upper' => $middle + $this->factor * $range, 'lower' => $middle - $this->factor * $range];
    }
}
