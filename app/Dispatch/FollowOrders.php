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
use App\Protect\Protections;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Log;

/** Keeps up with orders that wait at a venue: records what is filled or taken back there, and takes back those whose time is up. */
final readonly class FollowOrders
{
    private const MOST = 500;

    public function __construct(private Connectors $connectors, private RecordOrder $record, private TakeBack $takeBack, private TakeBackAdds $takeBackAdds, private ChaseOrder $chase, private Live $live, private Protections $protections) {}

    /** Seconds after which an order that nobody is sending any more is asked about. */
    private const STRANDED_AFTER = 60;

    public function follow(): void
    {
        $this->stranded();
        $working = Order::query()->where('state', OrderState::Working)->with('account')->orderBy('id')->limit(self::MOST)->get();
        foreach ($working->groupBy('account_id') as $orders) {
            try {
                $this->followAccount($orders->firstOrFail()->account, $orders);
            } catch (VenueTrouble $trouble) {
                Log::warning("Working orders were not looked at: {$trouble->getMessage()}");
            }
        }
    }

    /** An order that replaced another, when the process died before it was sent, or before it was known what the venue said. */
    private function stranded(): void
    {
        $long = now()->subSeconds(self::STRANDED_AFTER);
        $stranded = Order::query()->where('state', OrderState::Committed)->where('created_at', '<', $long)
            ->where(static fn ($order) => $order->whereNull('due_at')->orWhere('due_at', '<', $long))
            ->whereRelation('decision', 'finished_at', '<', $long)->with('account')->limit(self::MOST)->get();
        foreach ($stranded as $order) {
            try {
                $report = $this->connectors->for($order->account)->find($order->client_id);
                $report === null ? $order->update(['state' => OrderState::Lapsed, 'words' => 'Not sent: Wexon was stopped at that moment.']) : $this->record->record($order, $report);
                $this->live->order($order);
            } catch (VenueTrouble $trouble) {
                Log::warning("An order is in doubt: {$trouble->getMessage()}");
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
            $order->protection_id === null || $this->protections->seeHeld($order->protection_id);
            $this->live->order($order);
        } elseif ($working === null || ! $report->filled()->isEqualTo($order->filled)) {
            $this->record->record($order, $report);
            $this->live->order($order);
        } elseif ($order->follows_by !== null && $report->trigger !== null && $order->trigger_price?->isEqualTo($report->trigger) !== true) {
            $this->protections->venueMoved($order, $report->trigger);
        }
        if (! $order->role->opens() && $order->state === OrderState::Filled) {
            $this->takeBackAdds->ifClosed($order->account_id, $order->instrument);
        }
        $isDue = $order->cancel_after !== null && $order->created_at->addSeconds($order->cancel_after)->isPast();
        if ($order->state === OrderState::Working && ! $isDue) {
            $this->chase->chase($venue, $order);
        } elseif ($order->state === OrderState::Working) {
            $this->takeBack->takeBack($order, "Taken back after {$order->cancel_after} seconds, as the route says.");
        }
    }
}
