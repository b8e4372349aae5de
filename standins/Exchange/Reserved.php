<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/**
 * Money and units that waiting orders keep aside. Of a contract's buys and sells only the dearer side counts, as only one
 * of them can open more, unless both sides can be held at once; reducing orders keep nothing.
 */
final readonly class Reserved
{
    /** @param  array<string, array<string, array{quantity: BigDecimal, value: BigDecimal}>>  $sums  By instrument and side, in the quote currency. */
    private function __construct(private Books $books, private array $sums) {}

    public static function of(Books $books): self
    {
        $sums = [];
        $orders = $books->exchange->database->table('orders')->where('account_id', $books->accountId)->where('status', 'working')->where('reduce_only', false)
            ->groupBy('instrument', 'side')
            ->selectRaw('instrument, side, SUM(quantity - filled) quantity, SUM((quantity - filled) * COALESCE(price, trigger_price)) value')->get();
        foreach ($orders as $row) {
            $multiplier = $books->exchange->market->instrument($row->instrument)->multiplier;
            $sums[$row->instrument][$row->side] = ['quantity' => BigDecimal::of($row->quantity), 'value' => $multiplier->multipliedBy($row->value)];
        }

        return new self($books, $sums);
    }

    /** In the account's currency. */
    public function money(): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($this->sums as $instrument => $sides) {
            $bound = $this->bound($this->books->holding($instrument, 'net'), $sides['buy']['value'] ?? BigDecimal::zero(), $sides['sell']['value'] ?? BigDecimal::zero());
            $sum = $sum->plus($bound->multipliedBy($this->books->exchange->rate($instrument)));
        }

        return $sum;
    }

    public function covers(OrderRequest $request): bool
    {
        $name = $request->instrument->name;
        $holding = $this->books->holding($name, 'net');
        $value = $request->instrument->notional($request->quantity, $request->price ?? $request->trigger ?? BigDecimal::zero());
        if ($holding->isSpot() && $request->side === OrderSide::Sell) {
            return ($this->sums[$name]['sell']['quantity'] ?? BigDecimal::zero())->plus($request->quantity)->isLessThanOrEqualTo($holding->position->quantity);
        }
        $before = array_map(fn (string $side): BigDecimal => $this->sums[$name][$side]['value'] ?? BigDecimal::zero(), ['buy', 'sell']);
        $after = $request->side === OrderSide::Buy ? [$before[0]->plus($value), $before[1]] : [$before[0], $before[1]->plus($value)];
        $more = $this->bound($holding, ...$after)->minus($this->bound($holding, ...$before));

        return $more->multipliedBy($this->books->exchange->rate($name))->isLessThanOrEqualTo($this->books->free());
    }

    private function bound(Holding $holding, BigDecimal $buys, BigDecimal $sells): BigDecimal
    {
        if ($holding->isSpot()) {
            return $buys;
        }
        $counting = $this->books->hedging ? $buys->plus($sells) : BigDecimal::max($buys, $sells);

        return $counting->dividedBy($holding->leverage, 8, RoundingMode::UP);
    }
}
