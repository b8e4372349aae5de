<?php

namespace App\Dispatch;

use App\Connector\VenueTrouble;
use App\Models\Order;
use App\Models\OrderState;
use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Ticket;

/** Gives a working order another price: it is taken back, and what is not filled of it is sent as a new one. */
final readonly class MoveOrder
{
    public function __construct(private TakeBack $takeBack, private SendOrder $send) {}

    /**
     * @return Order|null The new one; null when the old one was filled before it could be taken back.
     *
     * @throws VenueTrouble If it could not be taken back: it is where it was.
     */
    public function move(Order $order, BigDecimal $price, string $by): ?Order
    {
        $this->takeBack->takeBack($order, "Moved to {$price} by {$by}.");
        if ($order->state !== OrderState::Cancelled) {
            return null;
        }
        $decision = $order->decision()->with(['message', 'account'])->firstOrFail();
        $ticket = Ticket::of($order->role, $order->instrument, $order->side, $order->quantity->minus($order->filled), $order->terms()->movedTo($price), $order->reduce_only, $order->label)
            ->numbered($decision->orders()->max('number') + 1);
        $moved = new Order;
        $moved->forceFill(Order::committed($decision, $ticket, ClientOrderId::of($decision, $ticket->number), $order->binds, $order->leverage))->save();
        $moved->refresh()->setRelation('decision', $decision)->setRelation('account', $decision->account);
        $this->send->send($moved, fresh: true);

        return $moved;
    }
}
