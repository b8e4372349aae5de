<?php

namespace App\Protect;

use App\Dispatch\ClientOrderId;
use App\Models\Order;
use App\Models\Protection;
use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Ticket;

/** Puts an order that looks after a position on disk, before it is sent: it belongs to the decision that opened the position. */
final class CommitTicket
{
    public function commit(Protection $row, Ticket $ticket, string $reason, ?int $target): Order
    {
        $decision = $row->decision()->with(['message', 'account'])->firstOrFail();
        $number = 1 + (int) $decision->orders()->max('number');
        $committed = Order::committed($decision, $ticket->numbered($number), ClientOrderId::of($decision, $number), BigDecimal::zero(), BigDecimal::one(), BigDecimal::one());
        $id = Order::query()->insertGetId(['protection_id' => $row->id, 'reason' => mb_substr($reason, 0, 40), 'target' => $target, 'route_id' => $row->route_id] + $committed);

        return Order::query()->findOrFail($id)->setRelation('decision', $decision)->setRelation('account', $decision->account);
    }
}
