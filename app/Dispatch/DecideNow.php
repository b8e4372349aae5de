<?php

namespace App\Dispatch;

use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Order;
use App\Protect\Protections;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Closure;
use Illuminate\Support\Facades\DB;
use Throwable;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Decision as DecisionValue;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Decision\Station;
use Wexon\Core\Decision\Step;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\OwnRules;
use Wexon\Core\Signal\Signal;

/**
 * Takes a snapshot, lets the core decide, and puts the decision and its orders on disk before anything is sent.
 *
 * @phpstan-import-type SnapshotArray from Snapshot
 */
final readonly class DecideNow
{
    /** Looks at the venue, at most; the pause between them is in milliseconds. */
    private const LOOKS = 3;

    private const PAUSE = 250;

    /** Seconds. */
    private const MONEY_LOCK = 20;

    private const MONEY_SCALE = 8;

    public function __construct(private TakeSnapshot $snapshot, private Allocations $allocations, private Live $live, private Protections $protections) {}

    public function decide(Decision $decision): void
    {
        $decision->loadMissing(['route.accounts', 'account', 'message']);
        try {
            // Lanes run side by side: money that is set aside must not be given out twice.
            $this->allocations->any($decision->account)
                ? NamedLock::hold("money:{$decision->account_id}", self::MONEY_LOCK, fn () => $this->decideOrSayWhyNot($decision))
                : $this->decideOrSayWhyNot($decision);
        } catch (Throwable $error) {
            report($error);
            $this->commit($decision, $this->refused('Wexon failed while deciding; the error is in the log. Nothing was sent.'), null);
        }
    }

    private function decideOrSayWhyNot(Decision $decision): void
    {
        if ($decision->route === null) {
            $this->commit($decision, $this->refused('The route was deleted before its turn came.'), null);

            return;
        }
        $rules = $decision->route->rulesValue()->on($decision->route->accounts->find($decision->account_id)?->ownRules() ?? OwnRules::of('1'));
        $signal = WexonMessage::fromArray($decision->message->signal ?? []);
        $signal = $signal->symbol === null ? $signal->about($rules->legOf($decision->instrument)->symbol ?? $decision->instrument) : $signal;
        try {
            $snapshot = retry(self::LOOKS, fn () => $this->snapshot->take($decision), self::PAUSE, $this->worthAnotherLook(...));
        } catch (VenueTrouble $trouble) {
            $this->commit($decision, $this->refused("The market could not be seen, so nothing was sent. {$trouble->getMessage()}"), null);

            return;
        }
        $value = Decide::decide($signal, $rules, $snapshot);
        $this->commit($decision, $value, [
            'signal' => $signal->toArray(),
            'rules' => $rules->toArray(),
            'snapshot' => $snapshot->toArray(),
        ], array_map(fn (Ticket $ticket): array => $this->row($decision, $ticket, $value, $snapshot), $value->tickets), fn () => $this->protect($decision, $value->intent, $signal, $snapshot));
    }

    /** @return array<string, mixed> */
    private function row(Decision $decision, Ticket $ticket, DecisionValue $value, Snapshot $snapshot): array
    {
        $leverage = $value->leverage->times ?? $snapshot->leverage;
        $price = $ticket->terms->reservedAt($snapshot->quote->priceFor($ticket->side));
        $binds = $ticket->reduceOnly ? BigDecimal::zero() : $snapshot->instrument->notional($ticket->quantity, $price)->multipliedBy($snapshot->quote->rate)->dividedBy($leverage, self::MONEY_SCALE, RoundingMode::UP);

        return Order::committed($decision, $ticket, ClientOrderId::of($decision, $ticket->number), $binds, $leverage, $snapshot->quote->rate);
    }

    /**
     * @param  array{signal: array<string, mixed>, rules: array<string, mixed>, snapshot: SnapshotArray}|null  $inputs
     * @param  list<array<string, mixed>>  $orders
     * @param  (Closure(): void)|null  $protect  What else is to be on disk with them.
     */
    private function commit(Decision $decision, DecisionValue $value, ?array $inputs, array $orders = [], ?Closure $protect = null): void
    {
        $sends = $value->verdict === Verdict::Pass && ! $decision->dry;
        DB::transaction(function () use ($decision, $value, $inputs, $orders, $sends, $protect): void {
            $decision->update([
                'state' => $sends ? DecisionState::Sending : DecisionState::Done,
                'verdict' => $value->verdict->value,
                'intent' => $value->intent->value,
                'summary' => mb_substr($value->summary(), 0, 600),
                'inputs' => $inputs,
                'trace' => array_intersect_key($value->toArray(), ['steps' => 1, 'tickets' => 1, 'cancels' => 1, 'leverage' => 1, 'ladder' => 1, 'protection' => 1]),
                'decided_at' => now(),
                'finished_at' => $sends ? null : now(),
            ]);
            if ($sends) {
                Order::query()->insert($orders);
                $protect === null || $protect();
            }
        });
        CrashPoint::pass('committed', $decision->route_id);
        $this->live->decision($decision);
    }

    /** Stop, targets and trailing of a position that is there, as the signal asks for them. */
    private function protect(Decision $decision, Intent $intent, Signal $signal, Snapshot $snapshot): void
    {
        $asks = $signal->stop !== null || $signal->targets !== [] || $signal->trailing !== null;
        if ($asks && in_array($intent, [Intent::Protect, Intent::Add], true)) {
            $this->protections->asked($decision, $signal, $snapshot->position, $snapshot->instrument);
        }
    }

    private function refused(string $sentence): DecisionValue
    {
        return DecisionValue::of(Intent::Nothing, [Step::refuse(Station::Match, $sentence)]);
    }

    private function worthAnotherLook(Throwable $trouble): bool
    {
        return $trouble instanceof VenueTrouble && in_array($trouble->kind, [TroubleKind::Doubt, TroubleKind::Busy], true);
    }
}
