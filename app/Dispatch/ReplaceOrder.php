<?php

namespace App\Dispatch;

use App\Connector\VenueTrouble;
use App\Models\Order;
use App\Models\OrderState;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderTerms;

/** Gives a working order other terms: it is taken back, and what is not filled of it is sent as a new one. */
final readonly class ReplaceOrder
{
    public function __construct(private TakeBack $takeBack, private SendOrder $send, private CommitTicket $commit) {}

    /**
     * @param  string  $why  Kept with the old one.
     * @return Order|null The new one; null when the old one was filled before it could be taken back.
     *
     * @throws VenueTrouble If it could not be taken back: it is where it was.
     */
    public function replace(Order $order, OrderTerms $terms, string $why): ?Order
    {
        $this->takeBack->takeBack($order, $why);
        if ($order->state !== OrderState::Cancelled) {
            return null;
        }
        $decision = $order->decision()->with(['message', 'account'])->firstOrFail();
        $ticket = Ticket::of($order->role, $order->instrument, $order->side, $order->quantity->minus($order->filled), $terms, $order->reduce_only, $order->label);
        $replaced = $this->commit->commit($decision, $ticket, $order->binds, $order->leverage, $order->rate);
        $this->send->send($replaced, fresh: true);

        return $replaced;
    }
}
