<?php

namespace App\Dispatch;

use App\Connector\Connectors;
use App\Connector\OrderReport;
use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Order;

/** Takes a working order back at the venue, and records what it came to: it may have been filled meanwhile. */
final readonly class TakeBack
{
    public function __construct(private Connectors $connectors, private RecordOrder $record, private Live $live) {}

    /**
     * @param  string  $why  Kept with the order.
     *
     * @throws VenueTrouble If the venue says no, or leaves us in doubt.
     */
    public function takeBack(Order $order, string $why): void
    {
        $venue = $this->connectors->for($order->account);
        $report = Patience::with(static fn (): OrderReport|VenueTrouble => self::unlessRefused(static fn (): OrderReport => $venue->cancel($order->client_id)), static fn () => null);
        if ($report instanceof VenueTrouble) {
            $order->update(['words' => mb_substr($report->getMessage(), 0, 400)]);
            throw $report;
        }
        $this->record->record($order, $report, $why);
        $this->live->order($order);
    }

    /**
     * A no is an answer, and asking again does not change it.
     *
     * @param  callable(): OrderReport  $ask
     */
    private static function unlessRefused(callable $ask): OrderReport|VenueTrouble
    {
        try {
            return $ask();
        } catch (VenueTrouble $trouble) {
            return in_array($trouble->kind, [TroubleKind::Refused, TroubleKind::KeyRejected], true) ? $trouble : throw $trouble;
        }
    }
}
