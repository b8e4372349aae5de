<?php

namespace App\Protect;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Control\Halts;
use App\Dispatch\CommitTicket;
use App\Dispatch\CrashPoint;
use App\Dispatch\NamedLock;
use App\Dispatch\SendOrder;
use App\Dispatch\TakeBack;
use App\Models\Decision;
use App\Models\Instrument;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Models\Protection;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Protection\Event\Event;
use Wexon\Core\Signal\Side;

/** What somebody does to a position by hand, or the route to all of its positions. It acts at once, in the position's lane, and is in the history with the reason. */
final readonly class Hand
{
    /** Seconds to wait for a signal that is being carried out. */
    private const LANE = 8;

    public function __construct(private Connectors $connectors, private Protections $protections, private HoldAtVenue $hold, private SendOrder $send, private TakeBack $takeBack, private CommitTicket $commit, private Halts $halts) {}

    /**
     * Moves stop or targets; a position that nothing looked after is looked after from now on.
     *
     * @throws OrderRefusal If it will not do.
     * @throws VenueTrouble If the venue could not be told; it is watched here meanwhile.
     */
    public function protect(Position $position, Event $event): void
    {
        $instrument = $this->instrument($position);
        $this->inLane($position, function () use ($position, $instrument, $event): void {
            $row = DB::transaction(fn (): Protection => $this->protections->byHand($this->decisionOf($position), $position->value($instrument->multiplier), $instrument, $event));
            $this->hold->hold($row->load('account'));
        });
    }

    /** What closing would get per unit now. */
    public function mark(Position $position): BigDecimal
    {
        return $this->connectors->for($position->account)->quotes([$position->instrument])[$position->instrument]->markFor($position->quantity);
    }

    /**
     * Closes a share of the position at market; all of it takes back first what could open it again.
     *
     * @param  BigDecimal  $share  Percent.
     * @param  string  $reason  "by hand, Odile Brandt"; kept with the order.
     *
     * @throws OrderRefusal If that is less than an order can be.
     */
    public function close(Position $position, BigDecimal $share, string $reason): Order
    {
        $instrument = $this->instrument($position);
        $held = $position->quantity->abs();
        if ($held->isZero()) {
            throw new OrderRefusal('The position is closed already.');
        }
        $isAll = $share->isEqualTo(100);
        $units = $isAll ? $held : $instrument->roundSizeDown($held->multipliedBy($share)->dividedBy(100, 18, RoundingMode::DOWN));
        if ($units->isLessThan($instrument->leastSize)) {
            throw new OrderRefusal("{$share->stripTrailingZeros()} % of {$held->stripTrailingZeros()} is {$units->stripTrailingZeros()}: below the least order of {$instrument->name}, which is {$instrument->leastSize}.");
        }

        return $this->inLane($position, function () use ($position, $instrument, $units, $isAll, $reason): Order {
            $isAll && $this->takeBackOpening($position, $reason);

            return $this->sent($position, Ticket::of(OrderRole::Exit, $instrument->name, $this->side($position)->closing(), $units, OrderTerms::market()), $reason);
        });
    }

    /**
     * More of the position, at market.
     *
     * @throws OrderRefusal If that is no size of an order.
     */
    public function add(Position $position, BigDecimal $units, string $reason): Order
    {
        $halt = $this->halts->of($position->account);
        if ($halt !== null) {
            throw new OrderRefusal("{$halt->words()}: lift that first.");
        }
        $instrument = $this->instrument($position);
        if ($units->isLessThan($instrument->leastSize) || ! $units->remainder($instrument->lotStep)->isZero()) {
            throw new OrderRefusal("An order of {$instrument->name} is {$instrument->leastSize} or more, in steps of {$instrument->lotStep}.");
        }

        return $this->inLane($position, fn (): Order => $this->sent($position, Ticket::of(OrderRole::Add, $instrument->name, $this->side($position)->opening(), $units, OrderTerms::market()), $reason));
    }

    public function instrument(Position $position): InstrumentValue
    {
        return Instrument::listed($position->account->venue, $position->instrument);
    }

    private function side(Position $position): Side
    {
        return $position->quantity->isNegative() ? Side::Short : Side::Long;
    }

    private function sent(Position $position, Ticket $ticket, string $reason): Order
    {
        $decision = $this->decisionOf($position);
        $protection = Protection::query()->where('account_id', $position->account_id)->where('instrument', $position->instrument)->where('is_open', true)->first();
        $order = $this->commit->commit($decision, $ticket, BigDecimal::zero(), $position->leverage, $position->rate, ['reason' => Order::shortReason($reason), 'protection_id' => $protection?->id]);
        CrashPoint::pass("kept-{$order->number}", $order->route_id);
        $this->send->send($order, fresh: true);
        $this->hold->holdAll($position->account_id, $position->instrument);

        return $order;
    }

    /** @throws VenueTrouble If one of them could not be taken back. */
    private function takeBackOpening(Position $position, string $reason): void
    {
        foreach (Order::query()->where('account_id', $position->account_id)->where('instrument', $position->instrument)->whereIn('state', OrderState::open())->whereIn('role', [OrderRole::Entry, OrderRole::Add])->with('account')->get() as $order) {
            $this->takeBack->takeBack($order, "Taken back with the position: {$reason}.");
        }
    }

    /** The decision that last touched the position: what is done by hand is in its history. */
    private function decisionOf(Position $position): Decision
    {
        $last = Order::query()->where('account_id', $position->account_id)->where('instrument', $position->instrument)->with(['decision.message', 'decision.account'])->orderByDesc('id')->first();

        return $last->decision ?? throw new OrderRefusal('This position was not opened by Wexon, so it cannot be handled here: close it at the venue.');
    }

    /**
     * @template T
     *
     * @param  callable(): T  $act
     * @return T
     */
    private function inLane(Position $position, callable $act): mixed
    {
        return NamedLock::hold("lane:{$position->account_id}:{$position->instrument}", self::LANE, static function () use ($position, $act): mixed {
            $position->refresh();
            if ($position->quantity->isZero()) {
                throw new OrderRefusal('The position is closed already.');
            }

            return $act();
        });
    }
}
