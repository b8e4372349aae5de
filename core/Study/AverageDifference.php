<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Wexon\Core\Study\Average\ExponentialAverage;

/**
 * MACD: a fast exponential average of the closes less a slow one; its own exponential average is the signal line, and
 * what lies between the two the difference. G. Appel, The Moving Average Convergence-Divergence Trading Method, 1985.
 */
final class AverageDifference implements Study
{
    private ExponentialAverage $fast;

    private ExponentialAverage $slow;

    private ExponentialAverage $signal;

    private function __construct(int $fast, int $slow, int $signal)
    {
        if ($fast >= $slow) {
            throw new StudyTrouble("The fast length lies below the slow one; found {$fast} and {$slow}.");
        }
        $this->fast = new ExponentialAverage($fast);
        $this->slow = new ExponentialAverage($slow);
        $this->signal = new ExponentialAverage($signal);
    }

    public static function definition(): Definition
    {
        return new Definition('MACD', [
            'fast' => new Parameter('Fast length', 12, 1, 200),
            'slow' => new Parameter('Slow length', 26, 2, 400),
            'signal' => new Parameter('Signal length', 9, 1, 200),
        ], ['macd', 'signal', 'difference'], false, static fn (array $given): self => new self((int) $given['fast'], (int) $given['slow'], (int) $given['signal']));
    }

    public function next(Candle $candle): array
    {
        $fast = $this->fast->next($candle->close);
        $slow = $this->slow->next($candle->close);
        if ($fast === null || $slow === null) {
            return [];
        }
        $signal = $this->signal->next($fast - $slow);

        return ['macd' => $fast - $slow] + ($signal === null ? [] : ['signal' => $signal, 'difference' => $fast - $slow - $signal]);
    }
}
