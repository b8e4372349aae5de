<?php

namespace App\Protect;

use App\Dispatch\CommitTicket;
use App\Models\Order;
use App\Models\Protection;
use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Ticket;

/** Puts an order that looks after a position on disk: it belongs to the decision that opened the position, and binds no money. */
final readonly class CommitForProtection
{
    public function __construct(private CommitTicket $commit) {}

    public function commit(Protection $row, Ticket $ticket, string $reason, ?int $target): Order
    {
        return $this->commit->commit($row->decision()->with(['message', 'account'])->firstOrFail(), $ticket, BigDecimal::zero(), BigDecimal::one(), BigDecimal::one(), [
            'protection_id' => $row->id, 'reason' => Order::shortReason($reason), 'target' => $target, 'route_id' => $row->route_id,
        ]);
    }
}
