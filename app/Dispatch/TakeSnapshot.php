<?php

namespace App\Dispatch;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Control\GatherFacts;
use App\Control\Halts;
use App\Models\Decision;
use App\Models\Instrument;
use App\Models\Order;
use App\Models\OrderState;
use App\Models\Position;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Route\RouteState;
use Wexon\Core\Signal\Signal;

/** Gathers the world as one decision sees it: the venue's quote and money, and our own record of the position. */
final readonly class TakeSnapshot
{
    /** To the microsecond: what happened earlier in the same second does not count. */
    private const MOMENT = 'Y-m-d H:i:s.u';

    private const MOST_WORKING = 500;

    public function __construct(private Connectors $connectors, private Allocations $allocations, private Halts $halts, private GatherFacts $facts) {}

    /**
     * @param  Limits  $guards  Of the route: only what they ask for is looked up.
     *
     * @throws VenueTrouble If the venue does not tell, or does not trade the instrument.
     */
    public function take(Decision $decision, Limits $guards, Signal $signal): Snapshot
    {
        $instrument = Instrument::query()->where('venue', $decision->account->venue)->where('name', $decision->instrument)->first()
            ?? throw VenueTrouble::refused("{$decision->account->venue} does not list “{$decision->instrument}”: choose another instrument in the route.");
        $connector = $this->connectors->for($decision->account);
        $view = $connector->look($decision->instrument);
        $position = Position::query()->where('account_id', $decision->account_id)->where('instrument', $decision->instrument)->first() ?? new Position;
        $value = $instrument->value();

        return new Snapshot(
            $value,
            $view->quote,
            $view->balance,
            $position->value($value->multiplier),
            $view->leverage,
            $decision->route->state ?? RouteState::Draft,
            CarbonImmutable::now(),
            $this->adds($decision, $position),
            $this->entered($decision),
            $this->working($decision),
            $this->allocations->forRoute($decision->account, $decision->route_id),
            $view->margin,
            $connector->abilities(),
            $this->halts->of($decision->account)?->words(),
            $account = $decision->account->limits(),
            $this->facts->ofRoute($decision, $guards, $signal),
            $this->facts->ofAccount($decision, $account, $signal),
            $decision->overruled,
            $decision->together,
        );
    }

    /** How often signals have added to the position that is open now. */
    private function adds(Decision $decision, Position $position): int
    {
        return $position->opened_at === null ? 0 : $this->sent($decision)->where('intent', Intent::Add->value)->where('decided_at', '>=', $position->opened_at->format(self::MOMENT))->count();
    }

    /** @return list<WorkingOrder> What the route has working in this lane. */
    private function working(Decision $decision): array
    {
        return $decision->route_id === null ? [] : array_values(Order::query()->where('route_id', $decision->route_id)->whereIn('state', OrderState::open())
            ->where('account_id', $decision->account_id)->where('instrument', $decision->instrument)->orderBy('id')->limit(self::MOST_WORKING)->get()
            ->map(static fn (Order $order): WorkingOrder => $order->working())->all());
    }

    /** Whether the route has entered here since it was armed. */
    private function entered(Decision $decision): bool
    {
        $armed = $decision->route?->armed_at;

        return $armed === null || $this->sent($decision)->where('route_id', $decision->route_id)
            ->whereIn('intent', [Intent::Enter->value, Intent::Flip->value, Intent::Set->value])->where('decided_at', '>=', $armed->format(self::MOMENT))->exists();
    }

    /** @return Builder<Decision> What was decided in the same lane and went out. */
    private function sent(Decision $decision): Builder
    {
        return Decision::query()->where('lane', "{$decision->account_id}:{$decision->instrument}")->where('verdict', Verdict::Pass->value)->where('dry', false);
    }
}
