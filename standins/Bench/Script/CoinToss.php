<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Practice\Noise;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;

/** Heads long, tails short, on edge flat: for trying things out. The coin falls by the time of the candle, so always the same. */
final class CoinToss implements Script
{
    use ActsAtTheClose;

    private function __construct(private readonly int $every, private readonly int $seed) {}

    public static function definition(): Definition
    {
        return new Definition('Coin toss', 'Every so many candles a coin says long, short or flat. For testing: it knows nothing.', [
            'every' => new Parameter('Candles between tosses', 10, 1, 1000),
            'seed' => new Parameter('Which coin', 1, 1, 1000),
        ], static fn (array $given): self => new self((int) $given['every'], (int) $given['seed']));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $toss = Noise::mixed($this->seed, intdiv($candle->at, 1000));
        if ($toss % $this->every !== 0) {
            return [];
        }

        return match (intdiv($toss, $this->every) % 5) {
            0, 1 => Stance::long($book, $terms->size, 'heads'),
            2, 3 => Stance::short($book, $terms->size, 'tails'),
            default => Stance::flat($book, 'on edge'),
        };
    }
}
