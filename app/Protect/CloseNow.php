<?php

namespace App\Protect;

use App\Dispatch\CrashPoint;
use App\Dispatch\SendOrder;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Protection\Closing;
use Wexon\Core\Protection\Event\Event;
use Wexon\Core\Protection\Event\NotClosed;

/** Carries out what a protection closes: the order is on disk together with the protection's new state before it goes out. Called in the position's lane. */
final readonly class CloseNow
{
    public function __construct(private Protections $protections, private SendOrder $send, private CommitForProtection $commit) {}

    /** @return bool Whether everything that had to be closed went through. */
    public function after(int $id, Instrument $instrument, Event $event): bool
    {
        $orders = DB::transaction(function () use ($id, $instrument, $event): array {
            $row = Protection::query()->whereKey($id)->where('is_open', true)->lockForUpdate()->first();
            $closings = $row === null ? [] : $this->protections->apply($row, $instrument, $event)->closings;

            return $row === null ? [] : array_map(fn (Closing $closing): ?Order => $this->committed($row, $instrument, $closing), $closings);
        });
        $through = true;
        foreach (array_filter($orders) as $order) {
            CrashPoint::pass("kept-{$order->number}", $order->route_id);
            $this->send->send($order, fresh: true);
            if (in_array($order->state, [OrderState::Refused, OrderState::Lapsed, OrderState::Cancelled], true)) {
                $this->notClosed($id, $instrument, $order);
                $through = false;
            }
        }

        return $through;
    }

    private function committed(Protection $row, Instrument $instrument, Closing $closing): ?Order
    {
        $units = $instrument->roundSizeDown($closing->quantity);

        return $units->isPositive() ? $this->commit->commit($row, $this->ticket($row, $instrument, $units), $closing->reason, $closing->target) : null;
    }

    private function ticket(Protection $row, Instrument $instrument, BigDecimal $units): Ticket
    {
        return Ticket::of(OrderRole::Exit, $instrument->name, $row->value()->side->closing(), $units, OrderTerms::market());
    }

    private function notClosed(int $id, Instrument $instrument, Order $order): void
    {
        DB::transaction(function () use ($id, $instrument, $order): void {
            $row = Protection::query()->whereKey($id)->where('is_open', true)->lockForUpdate()->first();
            if ($row !== null) {
                $this->protections->apply($row, $instrument, new NotClosed($order->target));
            }
        });
    }
}
