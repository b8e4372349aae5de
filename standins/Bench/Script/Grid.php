<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\StudyTrouble;

/**
 * Limits at even steps between two prices: buys at those below the market, sells at those above, all at once in the
 * beginning. Where one is filled, its answer is placed one step further: a sell above a buy, a buy below a sell.
 */
final class Grid implements Script
{
    public const MESSAGE = '${order_action} "${symbol}" size ${order_size} units limit @${order_price} label "${order_id}"';

    private bool $hasBegun = false;

    private function __construct(private readonly float $low, private readonly float $high, private readonly int $steps)
    {
        if ($low >= $high) {
            throw new StudyTrouble("The lower price of a grid lies below the upper one; found {$low} and {$high}.");
        }
    }

    public static function definition(): Definition
    {
        return new Definition('Grid', 'Resting limits at even steps between two prices; each one filled is answered one step further.', [
            'low' => new Parameter('Lower price', 30, 0.00001, 1_000_000, whole: false),
            'high' => new Parameter('Upper price', 50, 0.00001, 1_000_000, whole: false),
            'steps' => new Parameter('Steps', 10, 1, 100),
        ], static fn (array $given): self => new self($given['low'], $given['high'], (int) $given['steps']), self::MESSAGE, learns: false);
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        if ($this->hasBegun) {
            return [];
        }
        $this->hasBegun = true;
        $nearest = $this->nearest($candle->close);
        $wishes = [];
        for ($step = 0; $step <= $this->steps; $step++) {
            if ($step !== $nearest) {
                $wishes[] = $this->at($step, $step < $nearest ? 'buy' : 'sell', $terms);
            }
        }

        return $wishes;
    }

    public function filled(Wish $order, Book $book, Terms $terms): array
    {
        $step = (int) substr($order->label, strlen('step '));

        return [$order->side === 'buy' ? $this->at($step + 1, 'sell', $terms) : $this->at($step - 1, 'buy', $terms)];
    }

    /** @param  'buy'|'sell'  $side */
    private function at(int $step, string $side, Terms $terms): Wish
    {
        return Wish::rest($side, $terms->size, $this->price($step, $terms), "step {$step} {$side}");
    }

    private function price(int $step, Terms $terms): BigDecimal
    {
        return $terms->chart->price($this->low + ($this->high - $this->low) * $step / $this->steps)->dividedBy($terms->chart->details()->tick, 0, RoundingMode::HALF_EVEN)->multipliedBy($terms->chart->details()->tick);
    }

    private function nearest(float $price): int
    {
        return max(0, min($this->steps, (int) round(($price - $this->low) * $this->steps / ($this->high - $this->low))));
    }
}
