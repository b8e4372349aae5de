<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\Study;

/**
 * Buys a dip, and adds to a losing position only when it makes sense: when the price is a step below the last buy, and has
 * turned up. Everything goes when the price is far enough above the average.
 */
final class Averaging implements Script
{
    use ActsAtTheClose;

    private float $lastBuy = 0.0;

    private float $before = INF;

    private int $adds = 0;

    /** @param  array<string, float>  $given */
    private function __construct(private readonly Study $rsi, private readonly array $given) {}

    public static function definition(): Definition
    {
        return new Definition('Averaging down', 'Buys when the RSI is low; adds when the price is a step below the last buy and turns up, only so often; sells all at a gain over the average.', [
            'length' => new Parameter('RSI length', 14, 2, 200),
            'low' => new Parameter('Buy below', 35, 1, 60, whole: false),
            'step' => new Parameter('Percent between adds', 0.4, 0.01, 20, whole: false),
            'growth' => new Parameter('Each add times', 1.5, 1, 4, whole: false),
            'adds' => new Parameter('Most adds', 4, 0, 20),
            'gain' => new Parameter('Percent over the average', 0.3, 0.01, 20, whole: false),
        ], static fn (array $given): self => new self(Studies::make('rsi', ['length' => $given['length']]), $given));
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $rsi = $this->rsi->next($candle)['rsi'] ?? null;
        $turnsUp = $candle->close > $this->before;
        $this->before = $candle->close;
        if ($rsi === null) {
            return [];
        }
        if ($book->position()->isZero()) {
            return $rsi < $this->given['low'] ? $this->bought($candle, 0, 'dip', $terms) : [];
        }
        if ($candle->close >= $book->average()->toFloat() * (1 + $this->given['gain'] / 100)) {
            return Stance::flat($book, 'gain over the average');
        }
        $makesSense = $candle->close < $this->lastBuy * (1 - $this->given['step'] / 100) && $turnsUp;

        return $makesSense && $this->adds < (int) $this->given['adds'] ? $this->bought($candle, $this->adds + 1, 'add '.($this->adds + 1), $terms) : [];
    }

    /** @return list<Wish> */
    private function bought(Candle $candle, int $add, string $comment, Terms $terms): array
    {
        $this->adds = $add;
        $this->lastBuy = $candle->close;
        $size = $terms->size->multipliedBy(BigDecimal::of((string) $this->given['growth'])->power($add));

        return [Wish::buy($terms->chart->details()->roundSizeDown($size)->stripTrailingZeros(), $comment)];
    }
}
