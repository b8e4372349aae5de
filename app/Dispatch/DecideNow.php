<?php

namespace App\Dispatch;

use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use App\Control\AskLink;
use App\Live\Live;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Notice;
use App\Models\Order;
use App\Notify\Kind;
use App\Protect\Protections;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Closure;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Throwable;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Decision as DecisionValue;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Decision\Station;
use Wexon\Core\Decision\Step;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\OwnRules;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Together\Together;

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
            // Lanes run side by side: money that is set aside, and the last place, must not be given out twice.
            $this->countsOrAllots($decision)
                ? NamedLock::hold("money:{$decision->account_id}", self::MONEY_LOCK, fn () => $this->decideOrSayWhyNot($decision))
                : $this->decideOrSayWhyNot($decision);
        } catch (Throwable $error) {
            report($error);
            $this->commit($decision, $this->refused('Wexon failed while deciding; the error is in the log. Nothing was sent.'), null);
        }
    }

    private function countsOrAllots(Decision $decision): bool
    {
        return $this->allocations->any($decision->account) || $decision->account->limits()->counts() || Limits::of($decision->route->rules['guards'] ?? [])->counts();
    }

    private function decideOrSayWhyNot(Decision $decision): void
    {
        if ($decision->route === null) {
            $this->commit($decision, $this->refused('The route was deleted before its turn came.'), null);

            return;
        }
        $rules = $decision->route->rulesValue()->on($decision->route->accounts->find($decision->account_id)?->ownRules() ?? OwnRules::of('1'));
        $rules = $decision->approved_by === null ? $rules : $rules->withoutAsking()->on(OwnRules::of(($decision->approved_share ?? BigDecimal::of(100))->dividedBy(100, 6, RoundingMode::DOWN)));
        $signal = WexonMessage::fromArray($decision->message->signal ?? []);
        $leg = $rules->legOf($decision->instrument);
        $signal = $signal->symbol === null ? $signal->about($leg->symbol ?? $decision->instrument) : $signal;
        $signal = $decision->together === null || $leg === null ? $signal : Together::entry($signal, $leg);
        try {
            $snapshot = retry(self::LOOKS, fn () => $this->snapshot->take($decision, $rules->guards, $signal), self::PAUSE, $this->worthAnotherLook(...));
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
        $holds = $value->verdict === Verdict::Hold && ! $decision->dry;
        DB::transaction(function () use ($decision, $value, $inputs, $orders, $sends, $holds, $protect): void {
            $decision->update([
                'state' => match (true) {
                    $sends => DecisionState::Sending,
                    $holds => DecisionState::Held,
                    default => DecisionState::Done,
                },
                ...$this->held($decision, $value, $holds),
                'verdict' => $value->verdict->value,
                'intent' => $value->intent->value,
                'summary' => mb_substr($value->summary(), 0, 600),
                'inputs' => $inputs,
                'trace' => array_intersect_key($value->toArray(), ['steps' => 1, 'tickets' => 1, 'cancels' => 1, 'leverage' => 1, 'ladder' => 1, 'protection' => 1]) + ($decision->approved_by === null ? [] : ['asked' => $decision->trace['asked'] ?? $decision->trace['tickets'] ?? []]),
                'decided_at' => now(),
                'finished_at' => $sends ? null : now(),
            ]);
            $decision->dry || $this->giveUpHeld($decision);
            if ($sends) {
                Order::query()->insert($orders);
                $protect === null || $protect();
            }
        });
        CrashPoint::pass('committed', $decision->route_id);
        $this->live->decision($decision);
        $decision->dry || $this->tell($decision, $value, $holds);
    }

    private function tell(Decision $decision, DecisionValue $value, bool $holds): void
    {
        $where = ($decision->route->name ?? 'Deleted route')." on {$decision->account->name}";
        if ($value->verdict === Verdict::Refuse) {
            Notice::tell($decision->desk_id, Kind::Refused, "{$where}: {$value->summary()}", "/journal/{$decision->message->ulid}", $decision->route_id);
        } elseif ($holds && $decision->held_for === 'approval') {
            $orders = implode(', then ', array_map(strval(...), $value->tickets));
            Notice::tell($decision->desk_id, Kind::Ask, "{$where} asks: {$orders}? Answer until {$decision->held_until?->format('H:i:s')} UTC.", AskLink::of($decision), $decision->route_id);
        }
    }

    /**
     * The guard that stopped it, and what it waits for: until when does not change when it is decided again.
     *
     * @return array<string, mixed>
     */
    private function held(Decision $decision, DecisionValue $value, bool $holds): array
    {
        $numbers = Arr::last($value->steps)->numbers ?? [];
        $for = isset($numbers['guard']) ? 'place' : 'approval';

        return ['guard' => $numbers['guard'] ?? null] + ($holds ? [
            'held_for' => $for,
            'held_until' => $decision->held_for === $for ? $decision->held_until : now()->addSeconds((int) ($numbers['seconds'] ?? 0)),
        ] : []);
    }

    /** An entry that still waits is overtaken by whatever comes later for the same position. */
    private function giveUpHeld(Decision $decision): void
    {
        if ($decision->route_id !== null) {
            Decision::query()->where('lane', $decision->lane)->where('route_id', $decision->route_id)->where('id', '<', $decision->id)->where('state', DecisionState::Held)
                ->update(['state' => DecisionState::Done, 'verdict' => Verdict::Refuse->value, 'summary' => 'It waited, and was given up: a later signal came for the same position.']);
        }
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
