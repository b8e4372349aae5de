<?php

namespace App\Protect;

use App\Models\Fill;
use App\Models\Order;
use App\Models\Trade;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Carbon\CarbonImmutable;
use Wexon\Core\Position\Fill as FillValue;
use Wexon\Core\Position\Position;

/** Keeps the round trips: in the transaction that books a fill. */
final class KeepTrades
{
    private const SCALE = 18;

    /** A fill that closes a position and opens the other side belongs to both trades; the fill itself is kept with the second. */
    public function filled(Order $order, string $venueId, FillValue $fill, Position $before, Position $after, CarbonImmutable $at): void
    {
        $against = $before->side() !== null && $before->side() !== $fill->side->position();
        $closing = $against ? BigDecimal::min($fill->quantity, $before->quantity->abs()) : BigDecimal::zero();
        $opening = $fill->quantity->minus($closing);
        $fee = $fill->fee->multipliedBy($closing)->dividedBy($fill->quantity, self::SCALE, RoundingMode::HALF_EVEN);
        $trade = $closing->isPositive() ? $this->closed($order, $closing, $fill->price, $fee, $before, $after, $at) : null;
        if ($opening->isPositive()) {
            $trade = $this->opened($order, $opening, $fill->price, $fill->fee->minus($fee), $at);
        }
        Fill::query()->where('account_id', $order->account_id)->where('venue_id', $venueId)->update(['trade_id' => $trade?->id]);
    }

    private function opened(Order $order, BigDecimal $units, BigDecimal $price, BigDecimal $fee, CarbonImmutable $at): Trade
    {
        $trade = $this->current($order) ?? new Trade([
            'desk_id' => $order->desk_id,
            'account_id' => $order->account_id,
            'route_id' => $order->route_id,
            'instrument' => $order->instrument,
            'side' => $order->side->position()->value,
            'opened_at' => $at,
        ]);
        $trade->fill([
            'opened' => $trade->opened->plus($units),
            'opened_value' => $trade->opened_value->plus($units->multipliedBy($price))->toScale(self::SCALE, RoundingMode::HALF_EVEN),
            'fees' => $trade->fees->plus($fee),
            'profit' => $trade->profit->minus($fee),
        ])->save();

        return $trade;
    }

    /** Nothing to close when the position is older than the trades that are kept. */
    private function closed(Order $order, BigDecimal $units, BigDecimal $price, BigDecimal $fee, Position $before, Position $after, CarbonImmutable $at): ?Trade
    {
        $trade = $this->current($order);
        $isOver = $after->isFlat() || $after->side() !== $before->side();
        $trade?->fill([
            'closed' => $trade->closed->plus($units),
            'closed_value' => $trade->closed_value->plus($units->multipliedBy($price))->toScale(self::SCALE, RoundingMode::HALF_EVEN),
            'fees' => $trade->fees->plus($fee),
            'profit' => $trade->profit->plus($after->realised->minus($before->realised))->minus($fee),
            'reason' => $order->reason ?? 'signal',
            'closed_at' => $isOver ? $at : null,
        ])->save();

        return $trade;
    }

    private function current(Order $order): ?Trade
    {
        return Trade::query()->where('account_id', $order->account_id)->where('instrument', $order->instrument)->whereNull('closed_at')->lockForUpdate()->first();
    }
}
