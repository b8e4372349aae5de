<?php

namespace App\Dispatch;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Order;
use App\Models\OrderState;
use App\Protect\HoldAtVenue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Wexon\Core\Route\Leverage;
use Wexon\Core\Signal\Action;

/** Takes back what a decision takes back, then sends its orders one after the other; a later one only goes out when the one before went through. */
final readonly class SendOrders
{
    public function __construct(private SendOrder $send, private TakeBack $takeBack, private Connectors $connectors, private Live $live, private HoldAtVenue $hold) {}

    /**
     * @param  bool  $fresh  True when they were committed just now by this process, so that the venue cannot know them.
     * @return bool False when the venue leaves us in doubt about one of them.
     */
    public function send(Decision $decision, bool $fresh): bool
    {
        if ($decision->finished_at !== null) {
            return true;
        }
        try {
            $isStale = $this->noneIsSent($decision) && $this->takeBack($decision) && ! $this->onlyCancels($decision) && ($fresh || $this->noneIsKnown($decision));
        } catch (VenueTrouble $trouble) {
            return $trouble->kind->isFinal() && $this->finish($decision, fn () => $this->lapse($decision, 'Not sent: an order could not be taken back first.'));
        }
        if ($isStale) {
            $this->decideAgain($decision);

            return true;
        }
        try {
            $this->setLeverage($decision);
        } catch (VenueTrouble $trouble) {
            return $trouble->kind->isFinal() && $this->finish($decision, fn () => $this->lapse($decision, "Not sent: the leverage could not be set. {$trouble->getMessage()}"));
        }

        return $this->sendEach($decision, $fresh);
    }

    /** @throws VenueTrouble */
    private function setLeverage(Decision $decision): void
    {
        $wanted = $decision->trace['leverage'] ?? null;
        if ($wanted !== null && $decision->orders->contains('state', OrderState::Committed)) {
            Patience::with(fn () => $this->connectors->for($decision->account)->setLeverage($decision->instrument, Leverage::of($wanted)), static fn () => null);
        }
    }

    private function sendEach(Decision $decision, bool $fresh): bool
    {
        $stopped = null;
        foreach ($decision->orders as $order) {
            if ($stopped !== null) {
                $order->update(['state' => OrderState::Lapsed, 'words' => "Not sent: order {$stopped} before it did not go through."]);

                continue;
            }
            $order->setRelation('decision', $decision)->setRelation('account', $decision->account);
            if ($order->state === OrderState::Committed && ! $this->send->send($order, $fresh)) {
                return false;
            }
            $stopped = $order->state->letsOthersFollow() ? null : $order->number;
        }

        return $this->finish($decision);
    }

    /**
     * @return bool Whether one of them was filled further than the decision knew.
     *
     * @throws VenueTrouble
     */
    private function takeBack(Decision $decision): bool
    {
        $moved = false;
        $known = array_column($decision->trace['cancels'] ?? [], 'filled', 'client_id');
        if ($known === []) {
            return false;
        }
        foreach (Order::query()->whereIn('client_id', array_keys($known))->with('account')->orderBy('id')->get() as $order) {
            if (! $order->state->isFinal()) {
                $this->takeBack->takeBack($order, 'Taken back by a signal.');
            }
            $moved = $moved || ! $order->filled->isEqualTo($known[$order->client_id]);
        }

        return $moved;
    }

    /** A message that says cancel is done when it is done; any other was about the position, which is another one now. */
    private function onlyCancels(Decision $decision): bool
    {
        return ($decision->message->signal['do'] ?? null) === Action::Cancel->value;
    }

    private function noneIsSent(Decision $decision): bool
    {
        return $decision->orders->every(static fn (Order $order): bool => in_array($order->state, [OrderState::Committed, OrderState::Scheduled], true));
    }

    /**
     * They are sent in order, so when the venue knows nothing of the first, none went out before the process died.
     *
     * @throws VenueTrouble
     */
    private function noneIsKnown(Decision $decision): bool
    {
        $first = $decision->orders->first();

        return $first === null || $this->connectors->for($decision->account)->find($first->client_id) === null;
    }

    /** The position is another than the one that was decided by: nothing was sent yet, so it is looked at anew. */
    private function decideAgain(Decision $decision): void
    {
        DB::transaction(static function () use ($decision): void {
            $decision->orders()->delete();
            $decision->update(['state' => DecisionState::Waiting, 'verdict' => null, 'intent' => null, 'summary' => null, 'trace' => null, 'inputs' => null]);
        });
    }

    /** Stop and targets are at the venue before the lane goes on; where that fails, the watcher tries again. */
    private function lookAfter(Decision $decision): void
    {
        try {
            $this->hold->holdAll($decision->account_id, $decision->instrument);
        } catch (VenueTrouble $trouble) {
            Log::warning("Left to the watcher: {$trouble->getMessage()}");
        }
    }

    private function lapse(Decision $decision, string $words): void
    {
        $decision->orders()->whereIn('state', [OrderState::Committed, OrderState::Scheduled])->update(['state' => OrderState::Lapsed, 'words' => $words]);
    }

    /** @param  (callable(): void)|null  $before */
    private function finish(Decision $decision, ?callable $before = null): bool
    {
        if ($before !== null) {
            $before();
        }
        $decision->update(['state' => DecisionState::Done, 'finished_at' => now()]);
        $this->live->decision($decision);
        $this->lookAfter($decision);

        return true;
    }
}
