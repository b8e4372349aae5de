<?php

namespace App\Protect;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\CrashPoint;
use App\Dispatch\SendOrder;
use App\Dispatch\TakeBack;
use App\Dispatch\TakeBackAdds;
use App\Models\Instrument;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Protection;
use Illuminate\Database\Eloquent\Collection;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Protection\AtVenue;

/**
 * Brings the orders that a venue holds for a position to what they should be: what is missing is placed, what differs is
 * replaced, and nothing is left when the position is over. Called in the position's lane.
 */
final readonly class HoldAtVenue
{
    /** Orders that were filled while they were taken back change what should be there: then it is looked at again. */
    private const LOOKS = 3;

    /** Seconds for which a price that the venue refused is not tried again; it is watched here meanwhile. */
    private const REFUSED_FOR = 60;

    public function __construct(private Connectors $connectors, private SendOrder $send, private TakeBack $takeBack, private TakeBackAdds $takeBackAdds, private CommitForProtection $commit) {}

    /**
     * All that an account's position of an instrument has due: of one that is open, and of one that is over.
     *
     * @throws VenueTrouble The last one, after all were tried: what it is about stays due.
     */
    public function holdAll(int $accountId, string $instrument): void
    {
        $last = null;
        foreach (Protection::query()->where('account_id', $accountId)->where('instrument', $instrument)->where('is_due', true)->with('account')->orderBy('id')->get() as $row) {
            try {
                $this->hold($row);
            } catch (VenueTrouble $trouble) {
                $last = $trouble;
            }
        }
        if ($last !== null) {
            throw $last;
        }
    }

    /** @throws VenueTrouble If the venue is out of reach: it stays due. */
    public function hold(Protection $row): void
    {
        $this->sendLeftOver($row);
        for ($look = 0; $look < self::LOOKS && $this->differs($row); $look++) {
            $row->refresh();
        }
        if ($row->is_open !== true) {
            $this->takeBackAdds->ifClosed($row->account_id, $row->instrument);
        }
        Protection::query()->whereKey($row->id)->where('changed_at', $row->changed_at->format('Y-m-d H:i:s.u'))->update(['is_due' => false]);
    }

    /** What a process that died had put on disk: the venue is asked about it, and it is sent if it never came there. */
    private function sendLeftOver(Protection $row): void
    {
        foreach (Order::query()->where('protection_id', $row->id)->where('state', OrderState::Committed)->with(['account', 'decision'])->orderBy('id')->get() as $order) {
            $this->send->send($order, fresh: false);
        }
        $row->refresh();
    }

    /**
     * @return bool Whether something was filled on the way, so that it has to be looked at again.
     *
     * @throws VenueTrouble
     */
    private function differs(Protection $row): bool
    {
        $state = $row->value();
        if ($state->closing !== null && ! $state->quantity->isZero()) {
            return false;
        }
        $instrument = Instrument::listed($row->account->venue, $row->instrument);
        $wanted = $row->is_open === true ? AtVenue::orders($state, $instrument, $this->connectors->for($row->account)->abilities()) : [];
        $there = Order::query()->where('protection_id', $row->id)->where('state', OrderState::Working)->whereIn('role', [OrderRole::Stop, OrderRole::Target])->with(['account', 'decision'])->orderBy('id')->get();
        $wrong = $this->unwanted($there, $wanted);

        return $this->replaceStop($row, $wrong, $wanted) || $this->takeBackAll($wrong) || $this->place($row, $wanted);
    }

    /**
     * Removes from the wanted what is there already.
     *
     * @param  Collection<int, Order>  $there
     * @param  array<string, Ticket>  $wanted
     * @return list<Order> What should not be there.
     */
    private function unwanted(Collection $there, array &$wanted): array
    {
        $wrong = [];
        foreach ($there as $order) {
            $ticket = $wanted[(string) $order->label] ?? null;
            $isSame = $ticket !== null && $ticket->exclusive === $order->exclusive && $ticket->terms->isSameAs($order->terms()) && $ticket->quantity->isEqualTo($order->quantity->minus($order->filled));
            if ($isSame) {
                unset($wanted[(string) $order->label]);
            } else {
                $wrong[] = $order;
            }
        }

        return $wrong;
    }

    /**
     * A stop is replaced by placing the new one first, so that the position is never without: both only reduce.
     *
     * @param  list<Order>  $wrong
     * @param  array<string, Ticket>  $wanted
     */
    private function replaceStop(Protection $row, array $wrong, array &$wanted): bool
    {
        $old = array_filter($wrong, static fn (Order $order): bool => $order->role === OrderRole::Stop);
        if ($old === [] || ! isset($wanted['stop'])) {
            return false;
        }
        $ticket = $wanted['stop'];
        unset($wanted['stop']);

        return $this->place($row, ['stop' => $ticket]);
    }

    /**
     * @param  list<Order>  $orders
     *
     * @throws VenueTrouble
     */
    private function takeBackAll(array $orders): bool
    {
        $filled = false;
        foreach ($orders as $order) {
            $before = $order->filled;
            $this->takeBack->takeBack($order, 'Taken back: the position has changed, or is over.');
            $filled = $filled || ! $order->filled->isEqualTo($before);
        }

        return $filled;
    }

    /** @param  array<string, Ticket>  $wanted */
    private function place(Protection $row, array $wanted): bool
    {
        foreach ($wanted as $label => $ticket) {
            if ($this->wasRefused($row, $label, $ticket)) {
                continue;
            }
            $target = $ticket->role === OrderRole::Target ? (int) substr($label, strlen('target ')) : null;
            $order = $this->commit->commit($row, $ticket, $target === null ? $row->value()->why->value : $label, $target);
            CrashPoint::pass("kept-{$order->number}", $row->route_id);
            $this->send->send($order, fresh: true);
            if (! $order->filled->isZero()) {
                return true;
            }
        }
        $row->refresh();

        return false;
    }

    private function wasRefused(Protection $row, string $label, Ticket $ticket): bool
    {
        $last = Order::query()->where('protection_id', $row->id)->where('label', $label)->orderByDesc('id')->first();

        return $last !== null && $last->state === OrderState::Refused && $last->terms()->isSameAs($ticket->terms) && $last->created_at->addSeconds(self::REFUSED_FOR)->isFuture();
    }
}
