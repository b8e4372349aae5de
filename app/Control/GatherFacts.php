<?php

namespace App\Control;

use App\Models\Decision;
use App\Models\Message;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use App\Models\Trade;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Guard\Facts;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Signal\Signal;

/** Counts what happened before on an account, of one route or of all, as far as its limits ask. */
final readonly class GatherFacts
{
    private const MOMENT = 'Y-m-d H:i:s.u';

    private const TIME = 'Y-m-d\TH:i:s.up';

    /** Messages of the inlet by which the sender's clock is judged. */
    private const CLOCK_BY = 20;

    /** A sender that is later than this, in milliseconds, is slow: that is not its clock. */
    private const LATEST_CLOCK = 5_000;

    public function __construct(private DayProfit $dayProfit) {}

    public function ofRoute(Decision $decision, Limits $limits, Signal $signal): Facts
    {
        return $decision->route_id === null ? Facts::none() : $this->gather($decision, $decision->route_id, $limits, $signal);
    }

    public function ofAccount(Decision $decision, Limits $limits, Signal $signal): Facts
    {
        return $this->gather($decision, null, $limits, $signal);
    }

    /** @return list<string> Instruments that are held on an account, or being entered: of one route, or of all. */
    public function places(int $accountId, ?int $routeId): array
    {
        $held = $routeId === null
            ? Position::query()->where('account_id', $accountId)->where('quantity', '!=', 0)->pluck('instrument')
            : Trade::query()->where('account_id', $accountId)->where('route_id', $routeId)->whereNull('closed_at')->pluck('instrument');
        $entered = Order::query()->where('account_id', $accountId)->when($routeId !== null, static fn (Builder $order) => $order->where('route_id', $routeId))
            ->whereIn('role', [OrderRole::Entry, OrderRole::Placed])->whereIn('state', [OrderState::Committed, ...OrderState::open()])->distinct()->pluck('instrument');

        return array_values($held->merge($entered)->unique()->map(strval(...))->all());
    }

    private function gather(Decision $decision, ?int $routeId, Limits $limits, Signal $signal): Facts
    {
        $trades = fn (): Builder => Trade::query()->where('account_id', $decision->account_id)->when($routeId !== null, static fn (Builder $trade) => $trade->where('route_id', $routeId));
        $places = $limits->positions === null ? [] : $this->places($decision->account_id, $routeId);

        return Facts::of([
            'entries_today' => $limits->entriesPerDay === null ? 0 : $this->entries($decision, $routeId)->where('decided_at', '>=', CarbonImmutable::now($limits->zone)->startOfDay()->utc()->format(self::MOMENT))->count(),
            'label_used' => $limits->oncePerLabel && $this->isLabelUsed($decision, $routeId, $signal),
            'positions' => count($places),
            'has_place' => in_array($decision->instrument, $places, true),
            'last_exit' => $limits->restAfterExit === null ? null : $this->moment($trades()->max('closed_at')),
            'last_loss' => $limits->restAfterLoss === null && $limits->lossesInRow === null ? null : $this->moment($trades()->where('profit', '<', 0)->max('closed_at')),
            'losses' => $limits->lossesInRow === null ? 0 : $this->losses($trades),
            'day_profit' => $limits->dayLoss === null ? null : (string) $this->dayProfit->of($decision->account, $routeId, $limits->zone),
            'peak' => $limits->fall === null ? null : (string) ($decision->account->peak_equity ?? $decision->account->equity),
            'same_at' => $limits->sameAgain === null ? null : $this->moment($this->same($signal, $decision, $routeId)->max('decided_at')),
            'last_minute' => $limits->perMinute === null ? 0 : $this->decisions($decision, $routeId)->where('created_at', '>', now()->subMinute()->format(self::MOMENT))->where('id', '<=', $decision->id ?? PHP_INT_MAX)->count(),
            'skew' => $limits->oldest === null ? 0 : $this->skew($decision),
        ]);
    }

    /** @return Builder<Decision> */
    private function decisions(Decision $decision, ?int $routeId): Builder
    {
        return Decision::query()->where('account_id', $decision->account_id)->where('dry', false)->when($routeId !== null, static fn (Builder $one) => $one->where('route_id', $routeId));
    }

    /** @return Builder<Decision> Entries that went out, or are on their way. */
    private function entries(Decision $decision, ?int $routeId): Builder
    {
        return $this->decisions($decision, $routeId)->where('verdict', Verdict::Pass->value)->whereIn('intent', [Intent::Enter->value, Intent::Flip->value, Intent::Set->value])
            ->whereHas('orders', static fn (Builder $order) => $order->where('role', OrderRole::Entry)->whereNotIn('state', [OrderState::Refused, OrderState::Lapsed]));
    }

    private function isLabelUsed(Decision $decision, ?int $routeId, Signal $signal): bool
    {
        $armed = $decision->route?->armed_at?->format(self::MOMENT);

        return $this->entries($decision, $routeId)->when($armed !== null, static fn (Builder $one) => $one->where('decided_at', '>=', $armed))
            ->where('inputs->signal->label', $signal->label)->exists();
    }

    /** @return Builder<Decision> */
    private function same(Signal $signal, Decision $decision, ?int $routeId): Builder
    {
        return $this->decisions($decision, $routeId)->where('instrument', $decision->instrument)->where('verdict', Verdict::Pass->value)
            ->where('inputs->signal->do', $signal->action->value)->where('inputs->signal->side', $signal->side?->value)->where('inputs->signal->label', $signal->label);
    }

    /** @param  callable(): Builder<Trade>  $trades */
    private function losses(callable $trades): int
    {
        $won = $trades()->where('profit', '>=', 0)->max('closed_at');

        return $trades()->whereNotNull('closed_at')->when($won !== null, static fn (Builder $trade) => $trade->where('closed_at', '>', $won))->count();
    }

    /** What the sender's clock is off by, as far as it can be told from being slow. */
    private function skew(Decision $decision): int
    {
        return $decision->getAttribute('message_id') === null ? 0 : min($this->clock($decision->message->inlet_id) ?? 0, self::LATEST_CLOCK);
    }

    /** The shortest way that a message of an inlet took lately, in milliseconds, by the sender's own time: what its clock is off by is in all of them. */
    public function clock(int $inletId): ?int
    {
        $ways = Message::query()->where('inlet_id', $inletId)->whereNotNull('signal->fired_at')->orderByDesc('id')->limit(self::CLOCK_BY)->get(['signal', 'received_at'])
            ->map(static fn (Message $message): int => (int) $message->received_at->getPreciseTimestamp(3) - (int) CarbonImmutable::parse((string) ($message->signal['fired_at'] ?? ''))->getPreciseTimestamp(3));

        return $ways->isEmpty() ? null : (int) $ways->min();
    }

    private function moment(mixed $at): ?string
    {
        return is_string($at) ? CarbonImmutable::parse($at)->format(self::TIME) : null;
    }
}
