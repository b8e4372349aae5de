<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Average\ExponentialAverage;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;

/** Always in: long while the fast average lies above the slow one, short while below. */
final class AverageCross implements Script
{
    use ActsAtTheClose;

    private ExponentialAverage $fast;

    private ExponentialAverage $slow;

    private function __construct(int $fast, int $slow)
    {
        $this->fast = new ExponentialAverage($fast);
        $this->slow = new ExponentialAverage($slow);
    }

    public static function definition(): Definition
    {
        return new Definition('Average cross, always in', 'Long while the fast average of the closes is above the slow one, short while below: each cross reverses.', [
            'fast' => new Parameter('Fast average', 9, 1, 200),
            'slow' => new Parameter('Slow average', 21, 2, 400),
        ], static fn (array $given): self => new self((int) $given['fast'], (int) $given['slow']));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $fast = $this->fast->next($candle->close);
        $slow = $this->slow->next($candle->close);
        if ($fast === null || $slow === null) {
            return [];
        }

        return match ($fast <=> $slow) {
            1 => $book->position()->isPositive() ? [] : Stance::long($book, $terms->size, 'cross up'),
            -1 => $book->position()->isNegative() ? [] : Stance::short($book, $terms->size, 'cross down'),
            default => [],
        };
    }
}
