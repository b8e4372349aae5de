<?php

namespace App\Dispatch;

use App\Connector\Connector;
use App\Connector\VenueTrouble;
use App\Models\Instrument;
use App\Models\Order;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\Price\PriceInput;

/** Prices a working order anew when its price was given its time, and ends the chase as the route says. */
final readonly class ChaseOrder
{
    public function __construct(private ReplaceOrder $replace, private TakeBack $takeBack) {}

    /** @throws VenueTrouble */
    public function chase(Connector $venue, Order $order): void
    {
        $terms = $order->terms();
        if ($terms->chase === null || $order->created_at->addSeconds($terms->chase->every)->isFuture()) {
            return;
        }
        try {
            $next = $terms->chase->next($terms, $this->input($venue, $order));
        } catch (OrderRefusal $refusal) {
            $this->takeBack->takeBack($order, $refusal->getMessage());

            return;
        }
        if ($next === null) {
            $this->takeBack->takeBack($order, 'Given up: the market was not reached, as often as it was priced anew.');
        } elseif (! $next->isSameAs($terms)) {
            $this->replace->replace($order, $next, "Priced anew: {$next}.");
        } else {
            // It lies where it should already, so it keeps its place in the queue; the try counts.
            $order->update(['chase' => $next->chase?->toArray(), 'created_at' => now()]);
        }
    }

    /** @throws VenueTrouble */
    private function input(Connector $venue, Order $order): PriceInput
    {
        $instrument = Instrument::listed($order->account->venue, $order->instrument);
        $quote = $venue->quotes([$order->instrument])[$order->instrument] ?? throw VenueTrouble::doubt("No quote of {$order->instrument}.");

        return PriceInput::limit($order->side, $instrument, $quote, null, null);
    }
}
