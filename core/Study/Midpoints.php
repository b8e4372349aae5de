<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * Midpoint lines: halfway between the highest high and the lowest low of the last n candles, over a short and a long n.
 * G. Hosoda's equilibrium lines, published as Ichimoku Kinko Hyo, 1969.
 */
final class Midpoints implements Study
{
    private Extremes $fast;

    private Extremes $slow;

    private function __construct(int $fast, int $slow)
    {
        $this->fast = new Extremes($fast);
        $this->slow = new Extremes($slow);
    }

    public static function definition(): Definition
    {
        return new Definition('Midpoint lines', [
            'fast' => new Parameter('Fast length', 9, 1, 200),
            'slow' => new Parameter('Slow length', 26, 2, 400),
        ], ['fast', 'slow'], true, static fn (array $given): self => new self((int) $given['fast'], (int) $given['slow']));
    }

    public function next(Candle $candle): array
    {
        $lines = ['fast' => $this->fast->next($candle), 'slow' => $this->slow->next($candle)];

        return array_map(static fn (array $extremes): float => ($extremes[0] + $extremes[1]) / 2, array_filter($lines));
    }
}
