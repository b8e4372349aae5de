<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/**
 * Money and coins that waiting orders keep aside. Of a contract's buys and sells only the dearer side counts, as only one
 * of them can open more; reducing orders keep nothing.
 */
final readonly class Reserved
{
    /** @param  array<string, array<string, array{quantity: BigDecimal, value: BigDecimal}>>  $sums  By instrument and side. */
    private function __construct(private Books $books, private array $sums) {}

    public static function of(Books $books): self
    {
        $sums = [];
        $orders = Database::connection()->table('orders')->where('account_id', $books->accountId)->where('status', 'working')->where('reduce_only', false)
            ->groupBy('instrument', 'side')
            ->selectRaw('instrument, side, SUM(quantity - filled) quantity, SUM((quantity - filled) * COALESCE(price, trigger_price)) value')->get();
        foreach ($orders as $row) {
            $sums[$row->instrument][$row->side] = ['quantity' => BigDecimal::of($row->quantity), 'value' => BigDecimal::of($row->value)];
        }

        return new self($books, $sums);
    }

    /** In USD. */
    public function money(): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($this->sums as $instrument => $sides) {
            $sum = $sum->plus($this->bound($this->books->holdingOf($instrument), $sides['buy']['value'] ?? BigDecimal::zero(), $sides['sell']['value'] ?? BigDecimal::zero()));
        }

        return $sum;
    }

    public function covers(OrderRequest $request): bool
    {
        $name = $request->instrument->name;
        $holding = $this->books->holdingOf($name);
        $value = $request->quantity->multipliedBy($request->price ?? $request->trigger ?? 0);
        if ($holding->isSpot() && $request->side === OrderSide::Sell) {
            return ($this->sums[$name]['sell']['quantity'] ?? BigDecimal::zero())->plus($request->quantity)->isLessThanOrEqualTo($holding->position->quantity);
        }
        $before = array_map(fn (string $side): BigDecimal => $this->sums[$name][$side]['value'] ?? BigDecimal::zero(), ['buy', 'sell']);
        $after = $request->side === OrderSide::Buy ? [$before[0]->plus($value), $before[1]] : [$before[0], $before[1]->plus($value)];

        return $this->bound($holding, ...$after)->minus($this->bound($holding, ...$before))->isLessThanOrEqualTo($this->books->free());
    }

    private function bound(Holding $holding, BigDecimal $buys, BigDecimal $sells): BigDecimal
    {
        return $holding->isSpot() ? $buys : BigDecimal::max($buys, $sells)->dividedBy($holding->leverage, 8, RoundingMode::UP);
    }
}
