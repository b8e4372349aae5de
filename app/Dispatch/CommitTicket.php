<?php

namespace App\Dispatch;

use App\Models\Decision;
use App\Models\Order;
use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Ticket;

/** Puts one more order of a decision on disk, before it is sent: one that replaces another, looks after its position, or is sent by hand. */
final class CommitTicket
{
    /**
     * @param  Decision  $decision  With its message and account.
     * @param  BigDecimal  $binds  Money that the whole order binds when it is filled.
     * @param  BigDecimal  $rate  What one of the quote currency is worth in the account's money.
     * @param  array<string, mixed>  $also  Further columns: why it closes, what it looks after.
     */
    public function commit(Decision $decision, Ticket $ticket, BigDecimal $binds, BigDecimal $leverage, BigDecimal $rate, array $also = []): Order
    {
        $number = 1 + (int) $decision->orders()->max('number');
        $id = Order::query()->insertGetId($also + Order::committed($decision, $ticket->numbered($number), ClientOrderId::of($decision, $number), $binds, $leverage, $rate));

        return Order::query()->findOrFail($id)->setRelation('decision', $decision)->setRelation('account', $decision->account);
    }
}
