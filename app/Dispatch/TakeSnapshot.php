<?php

namespace App\Dispatch;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Models\Decision;
use App\Models\Instrument;
use App\Models\Position;
use Carbon\CarbonImmutable;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Route\RouteState;

/** Gathers the world as one decision sees it: the venue's quote and money, and our own record of the position. */
final readonly class TakeSnapshot
{
    public function __construct(private Connectors $connectors) {}

    /** @throws VenueTrouble If the venue does not tell, or does not trade the instrument. */
    public function take(Decision $decision): Snapshot
    {
        $instrument = Instrument::query()->where('venue', $decision->account->venue)->where('name', $decision->instrument)->first()
            ?? throw VenueTrouble::refused("{$decision->account->venue} does not list “{$decision->instrument}”: choose another instrument in the route.");
        $view = $this->connectors->for($decision->account)->look($decision->instrument);
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
        );
    }
}
