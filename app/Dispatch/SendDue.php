<?php

namespace App\Dispatch;

use App\Models\Order;
use App\Models\OrderState;

/** Sends what was scheduled, when its time has come. In its lane, so that a signal which takes it back is not overtaken. */
final readonly class SendDue
{
    private const MOST = 100;

    public function __construct(private SendOrder $send) {}

    public function send(): void
    {
        $due = Order::query()->where('state', OrderState::Scheduled)->where('due_at', '<=', now()->format('Y-m-d H:i:s.u'))->with(['account', 'decision'])->orderBy('due_at')->limit(self::MOST)->get();
        foreach ($due as $order) {
            NamedLock::run("lane:{$order->decision->lane}", fn () => $this->sendOne($order));
        }
    }

    private function sendOne(Order $order): void
    {
        if ($this->isStopped($order)) {
            $order->update(['state' => OrderState::Lapsed, 'words' => 'Not sent: an order before it did not go through.']);

            return;
        }
        $mine = Order::query()->whereKey($order->id)->where('state', OrderState::Scheduled)->update(['state' => OrderState::Committed]) === 1;
        if ($mine) {
            $this->send->send($order->refresh(), fresh: true);
        }
    }

    /** Whether something that should have gone before it was refused or never sent. */
    private function isStopped(Order $order): bool
    {
        return Order::query()->where('decision_id', $order->decision_id)->where('number', '<', $order->number)->whereIn('state', [OrderState::Refused, OrderState::Lapsed])->exists();
    }
}
