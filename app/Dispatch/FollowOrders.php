<?php

namespace App\Dispatch;

use App\Connector\Connector;
use App\Connector\Connectors;
use App\Connector\OrderReport;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Account;
use App\Models\Order;
use App\Models\OrderState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Log;

/** Keeps up with orders that wait at a venue: records what is filled or taken back there, and takes back those whose time is up. */
final readonly class FollowOrders
{
    private const MOST = 500;

    public function __construct(private Connectors $connectors, private RecordOrder $record, private TakeBack $takeBack, private Live $live) {}

    public function follow(): void
    {
        $working = Order::query()->where('state', OrderState::Working)->with('account')->orderBy('id')->limit(self::MOST)->get();
        foreach ($working->groupBy('account_id') as $orders) {
            try {
                $this->followAccount($orders->firstOrFail()->account, $orders);
            } catch (VenueTrouble $trouble) {
                Log::warning("Working orders were not looked at: {$trouble->getMessage()}");
            }
        }
    }

    /**
     * @param  Collection<int, Order>  $orders
     *
     * @throws VenueTrouble
     */
    private function followAccount(Account $account, Collection $orders): void
    {
        $venue = $this->connectors->for($account);
        $reports = $venue->working();
        foreach ($orders as $order) {
            $this->followOrder($venue, $order, $reports[$order->client_id] ?? null);
        }
    }

    /** @throws VenueTrouble */
    private function followOrder(Connector $venue, Order $order, ?OrderReport $working): void
    {
        $report = $working ?? $venue->find($order->client_id);
        if ($report === null) {
            $order->update(['state' => OrderState::Cancelled, 'words' => 'The venue does not know this order any more.']);
            $this->live->order($order);
        } elseif ($working === null || ! $report->filled()->isEqualTo($order->filled)) {
            $this->record->record($order, $report);
            $this->live->order($order);
        }
        $isDue = $order->cancel_after !== null && $order->created_at->addSeconds($order->cancel_after)->isPast();
        if ($isDue && $order->state === OrderState::Working) {
            $this->takeBack->takeBack($order, "Taken back after {$order->cancel_after} seconds, as the route says.");
        }
    }
}
