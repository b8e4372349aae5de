<?php

namespace App\Dispatch;

use App\Connector\FillReport;
use App\Connector\OrderReport;
use App\Connector\OrderStatus;
use App\Models\Fill;
use App\Models\Instrument;
use App\Models\Notice;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Notify\Kind;
use App\Protect\KeepTrades;
use App\Protect\Protections;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;

/** Writes what the venue reports of an order into our books: the order, its fills and the position, together. */
final class RecordOrder
{
    private const PRICE_SCALE = 18;

    private const ATTEMPTS = 3;

    public function __construct(private readonly Protections $protections, private readonly KeepTrades $trades) {}

    /** @param  string|null  $why  Why it was taken back, if it was. */
    public function record(Order $order, OrderReport $report, ?string $why = null): void
    {
        DB::transaction(function () use ($order, $report, $why): void {
            $filled = $report->filled();
            $paid = BigDecimal::sum(BigDecimal::zero(), ...array_map(static fn (FillReport $row): BigDecimal => $row->fill->quantity->multipliedBy($row->fill->price), $report->fills));
            // Two may have asked the venue at the same moment: what is over does not begin again.
            $known = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail();
            if ($known->state->isFinal() || $known->filled->isGreaterThan($filled)) {
                $order->setRawAttributes($known->getAttributes(), sync: true);

                return;
            }
            $order->update([
                'state' => OrderState::from($report->status->value),
                'venue_id' => $report->venueId,
                'filled' => $filled,
                'average' => $filled->isZero() ? null : $paid->dividedBy($filled, self::PRICE_SCALE, RoundingMode::HALF_EVEN),
                'fee' => BigDecimal::sum(BigDecimal::zero(), ...array_map(static fn (FillReport $row): BigDecimal => $row->fill->fee, $report->fills)),
                'words' => $report->status === OrderStatus::Cancelled ? $why : null,
                'acknowledged_at' => $order->acknowledged_at ?? now(),
            ]);
            if ($report->fills !== []) {
                $this->keepFills($order, $report);
            }
            if ($order->protection_id !== null) {
                $this->protections->seeHeld($order->protection_id);
            }
        }, self::ATTEMPTS);
        if ($order->state === OrderState::Filled && $order->wasChanged('state')) {
            $this->tell($order);
        }
    }

    private function tell(Order $order): void
    {
        $kind = $order->protection_id !== null && $order->reduce_only ? Kind::Protection : Kind::Fill;
        $average = $order->average?->stripTrailingZeros() ?? '';
        Notice::tell($order->desk_id, $kind, "{$order->account->name}: {$order->side->value} {$order->quantity->stripTrailingZeros()} {$order->instrument} at {$average}".($order->reason === null ? '' : " ({$order->reason})").'.', '/blotter', $order->route_id);
    }

    private function keepFills(Order $order, OrderReport $report): void
    {
        $position = Position::locked($order->desk_id, $order->account_id, $order->instrument);
        $instrument = Instrument::listed($order->account->venue, $order->instrument);
        $first = $position->value($instrument->multiplier);
        $last = null;
        foreach ($report->fills as $row) {
            $new = Fill::query()->insertOrIgnore([
                'desk_id' => $order->desk_id,
                'order_id' => $order->id,
                'account_id' => $order->account_id,
                'venue_id' => $row->venueId,
                'instrument' => $order->instrument,
                'side' => $order->side->value,
                'quantity' => (string) $row->fill->quantity,
                'price' => (string) $row->fill->price,
                'fee' => (string) $row->fill->fee,
                'filled_at' => $row->at->format('Y-m-d H:i:s.u'),
            ]);
            if ($new === 1) {
                $before = $position->value($instrument->multiplier);
                $after = $before->after($row->fill);
                $this->trades->filled($order, $row->venueId, $row->fill, $before, $after, $row->at);
                $last = $row->at;
                $position->become($after)->fill([
                    'leverage' => $order->leverage,
                    'rate' => $order->rate,
                    'opened_at' => $after->side() === $before->side() ? $position->opened_at : ($after->isFlat() ? null : $row->at),
                ]);
            }
        }
        $position->save();
        if ($last !== null) {
            $this->protections->changed($order, $first, $position->value($instrument->multiplier), $last, $instrument);
        }
    }
}
