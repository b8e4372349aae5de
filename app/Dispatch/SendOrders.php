<?php

namespace App\Dispatch;

use App\Live\Live;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\OrderState;

/** Sends a decision's orders one after the other; a later one only goes out when the one before is filled. */
final readonly class SendOrders
{
    public function __construct(private SendOrder $send, private Live $live) {}

    /**
     * @param  bool  $fresh  True when they were committed just now by this process, so that the venue cannot know them.
     * @return bool False when the venue leaves us in doubt about one of them.
     */
    public function send(Decision $decision, bool $fresh): bool
    {
        if ($decision->finished_at !== null) {
            return true;
        }
        $stopped = null;
        foreach ($decision->orders as $order) {
            if ($stopped !== null) {
                $order->update(['state' => OrderState::Lapsed, 'words' => "Not sent: order {$stopped} before it did not go through."]);

                continue;
            }
            $order->setRelation('decision', $decision)->setRelation('account', $decision->account);
            if (! $order->state->isFinal() && ! $this->send->send($order, $fresh)) {
                return false;
            }
            $stopped = $order->state === OrderState::Filled ? null : $order->number;
        }
        $decision->update(['state' => DecisionState::Done, 'finished_at' => now()]);
        $this->live->decision($decision);

        return true;
    }
}
