<?php

namespace App\Protect;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\NamedLock;
use App\Models\Difference;
use App\Models\Instrument;
use App\Models\Position;
use App\Models\Trade;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Position\Fill;
use Wexon\Core\Signal\OrderSide;

/** What somebody decides about a difference: the venue's counts, ours counts, or neither. */
final readonly class AnswerDifference
{
    private const LANE = 8;

    public function __construct(private Connectors $connectors, private Protections $protections) {}

    /**
     * Our books take over what the venue holds, at its price of now.
     *
     * @throws OrderRefusal If it is an order: those are only taken back or ignored.
     * @throws VenueTrouble If the venue tells no price.
     */
    public function adopt(Difference $one, User $who): void
    {
        $name = $one->instrument ?? throw new OrderRefusal('An order that Wexon did not send can be taken back or ignored, not taken over.');
        $instrument = Instrument::listed($one->account->venue, $name);
        NamedLock::hold("lane:{$one->account_id}:{$name}", self::LANE, function () use ($one, $who, $name, $instrument): void {
            $mark = $this->connectors->for($one->account)->quotes([$name])[$name]->markFor($one->theirs);
            DB::transaction(function () use ($one, $who, $name, $instrument, $mark): void {
                $which = ['account_id' => $one->account_id, 'instrument' => $name];
                $row = Position::locked($one->desk_id, $one->account_id, $name);
                $missing = $one->theirs->minus($row->quantity);
                if (! $missing->isZero()) {
                    $after = $row->value($instrument->multiplier)->after(Fill::of($missing->isPositive() ? OrderSide::Buy : OrderSide::Sell, $missing->abs(), $mark, '0'));
                    $row->become($after)->fill(['opened_at' => $after->isFlat() ? null : $row->opened_at ?? now()])->save();
                    $this->protections->adopted($one->account_id, $after, $instrument);
                }
                if ($one->theirs->isZero()) {
                    Trade::query()->where($which)->whereNull('closed_at')->update(['closed_at' => now(), 'reason' => 'at the venue']);
                }
                $one->end('adopted', $who->name);
            });
        });
    }

    /**
     * What the venue has too much of is closed there, or taken back; our books stay as they are.
     *
     * @throws OrderRefusal If the venue has less than our books.
     * @throws VenueTrouble If the venue does not do it.
     */
    public function close(Difference $one, User $who): void
    {
        $venue = $this->connectors->for($one->account);
        if ($one->instrument === null) {
            $venue->cancel($one->subject);
        } else {
            $extra = $one->theirs->minus($one->ours);
            $isMore = $one->theirs->abs()->isGreaterThan($one->ours->abs()) && ($one->ours->isZero() || $one->ours->getSign() === $one->theirs->getSign());
            if (! $isMore) {
                throw new OrderRefusal('The venue holds less than Wexon\'s books, so there is nothing to close there: take over what the venue holds.');
            }
            $venue->place(Ticket::market(1, $one->instrument, $extra->isPositive() ? OrderSide::Sell : OrderSide::Buy, $extra->abs(), true), 'wxd'.substr(hash('sha256', "{$one->id}\n{$one->seen_at->format('U.u')}"), 0, 24));
        }
        $one->end('closed', $who->name);
    }

    /** Nothing is done and nothing more is said, until it changes. */
    public function ignore(Difference $one, User $who): void
    {
        $one->update(['state' => 'ignored', 'answered_by' => $who->name]);
    }
}
