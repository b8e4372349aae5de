<?php

namespace App\Dispatch;

use App\Connector\TroubleKind;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\Order;
use Brick\Math\BigDecimal;
use Illuminate\Support\Facades\DB;
use Throwable;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Decision as DecisionValue;
use Wexon\Core\Decision\Station;
use Wexon\Core\Decision\Step;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Reading\WexonMessage;

/** Takes a snapshot, lets the core decide, and puts the decision and its orders on disk before anything is sent. */
final readonly class DecideNow
{
    /** Looks at the venue, at most; the pause between them is in milliseconds. */
    private const LOOKS = 3;

    private const PAUSE = 250;

    public function __construct(private TakeSnapshot $snapshot, private Live $live) {}

    public function decide(Decision $decision): void
    {
        $decision->loadMissing(['route.accounts', 'account', 'message']);
        try {
            $this->decideOrSayWhyNot($decision);
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
        $rules = $decision->route->rulesValue()->scaled($decision->route->accounts->find($decision->account_id)?->scale() ?? BigDecimal::one());
        $signal = WexonMessage::fromArray($decision->message->signal ?? []);
        $signal = $signal->symbol === null ? $signal->about($rules->legOf($decision->instrument)->symbol ?? $decision->instrument) : $signal;
        try {
            $snapshot = retry(self::LOOKS, fn () => $this->snapshot->take($decision), self::PAUSE, $this->worthAnotherLook(...));
        } catch (VenueTrouble $trouble) {
            $this->commit($decision, $this->refused("The market could not be seen, so nothing was sent. {$trouble->getMessage()}"), null);

            return;
        }
        $this->commit($decision, Decide::decide($signal, $rules, $snapshot), [
            'signal' => $signal->toArray(),
            'rules' => $rules->toArray(),
            'snapshot' => $snapshot->toArray(),
        ]);
    }

    /** @param  array{signal: array<string, mixed>, rules: array<string, mixed>, snapshot: array<string, mixed>}|null  $inputs */
    private function commit(Decision $decision, DecisionValue $value, ?array $inputs): void
    {
        $sends = $value->verdict === Verdict::Pass && ! $decision->dry;
        DB::transaction(function () use ($decision, $value, $inputs, $sends): void {
            $decision->update([
                'state' => $sends ? DecisionState::Sending : DecisionState::Done,
                'verdict' => $value->verdict->value,
                'intent' => $value->intent->value,
                'summary' => mb_substr($value->summary(), 0, 600),
                'inputs' => $inputs,
                'trace' => array_intersect_key($value->toArray(), ['steps' => 1, 'tickets' => 1, 'cancels' => 1]),
                'decided_at' => now(),
                'finished_at' => $sends ? null : now(),
            ]);
            if ($sends) {
                Order::query()->insert(array_map(static fn (Ticket $ticket): array => Order::committed($decision, $ticket, ClientOrderId::of($decision, $ticket->number)), $value->tickets));
            }
        });
        CrashPoint::pass('committed', $decision->route_id);
        $this->live->decision($decision);
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
