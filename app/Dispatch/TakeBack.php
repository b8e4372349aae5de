<?php

namespace App\Dispatch;

use App\Connector\Connectors;
use App\Connector\OrderReport;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Order;
use App\Models\OrderState;

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
        if ($this->wasScheduled($order, $why)) {
            return;
        }
        $venue = $this->connectors->for($order->account);
        $report = Patience::with(static fn (): OrderReport => $venue->cancel($order->client_id), static function (VenueTrouble $trouble) use ($order): void {
            $order->update(['words' => mb_substr($trouble->getMessage(), 0, 400)]);
        });
        $this->record->record($order, $report, $why);
        $this->live->order($order);
    }

    /** What has not gone out yet is not at the venue. */
    private function wasScheduled(Order $order, string $why): bool
    {
        $taken = Order::query()->whereKey($order->id)->where('state', OrderState::Scheduled)->update(['state' => OrderState::Cancelled, 'words' => mb_substr($why, 0, 400)]) === 1;
        $order->refresh();
        if ($taken) {
            $this->live->order($order);
        }

        return $taken;
    }
}
