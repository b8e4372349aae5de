<?php

namespace App\Dispatch;

use App\Connector\Connector;
use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Control\Halts;
use App\Live\Live;
use App\Models\Order;
use App\Models\OrderState;

/**
 * Brings one committed order to the venue exactly once.
 *
 * Whenever it is not certain that the venue has never seen it, the venue is asked about its client order id first; and
 * as the venue takes an id once only, even two senders at the same moment make one order.
 */
final readonly class SendOrder
{
    /** Seconds after which an order that opens something is too old to be sent. */
    private const OPENING_LAPSES_AFTER = 30;

    /** An order that closes is still wanted much later. */
    private const CLOSING_LAPSES_AFTER = 900;

    public function __construct(private Connectors $connectors, private RecordOrder $record, private Halts $halts, private Live $live) {}

    /** @return bool False when it is still not known whether the venue has it. */
    public function send(Order $order, bool $fresh): bool
    {
        $venue = $this->connectors->for($order->account);
        $ask = ! $fresh;
        try {
            Patience::with(function () use ($venue, $order, &$ask): void {
                $this->attempt($venue, $order, $ask);
            }, static function (VenueTrouble $trouble) use ($order, &$ask): void {
                $order->update(['words' => mb_substr($trouble->getMessage(), 0, 400)]);
                $ask = $ask || ! $trouble->kind->isCertain();
            });
        } catch (VenueTrouble) {
            return false;
        }
        $this->live->order($order);

        return true;
    }

    /** @throws VenueTrouble If it has to be tried again. */
    private function attempt(Connector $venue, Order $order, bool $ask): void
    {
        $report = $ask ? $venue->find($order->client_id) : null;
        if ($report === null && $this->isTooOld($order)) {
            $order->update(['state' => OrderState::Lapsed, 'words' => 'Not sent: the venue was out of reach for too long. '.$order->words]);

            return;
        }
        $halt = $report === null && ! $order->reduce_only ? $this->halts->of($order->account) : null;
        if ($halt !== null) {
            $order->update(['state' => OrderState::Lapsed, 'words' => mb_substr("Not sent: {$halt->words()}", 0, 400)]);

            return;
        }
        try {
            $report ??= $venue->place($order->ticket(), $order->client_id);
        } catch (VenueTrouble $trouble) {
            if ($trouble->kind->isFinal()) {
                $order->update(['state' => OrderState::Refused, 'words' => mb_substr($trouble->getMessage(), 0, 400)]);

                return;
            }
            throw $trouble;
        }
        CrashPoint::pass($order->number === 1 ? 'sent' : "sent-{$order->number}", $order->route_id);
        $this->record->record($order, $report);
    }

    private function isTooOld(Order $order): bool
    {
        return ($order->due_at ?? $order->created_at)->diffInSeconds(now()) > ($order->reduce_only ? self::CLOSING_LAPSES_AFTER : self::OPENING_LAPSES_AFTER);
    }
}
