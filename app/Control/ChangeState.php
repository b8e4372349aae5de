<?php

namespace App\Control;

use App\Live\Live;
use App\Models\Notice;
use App\Models\Route;
use App\Notify\Kind;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Route\RouteState;

/** Brings a route into another state, and keeps who did it and why: somebody by hand, the clock, or a rule. */
final readonly class ChangeState
{
    private const BY = 80;

    private const REASON = 300;

    public function __construct(private Live $live) {}

    public function byHand(Route $route, RouteState $state, string $who, ?string $reason): void
    {
        $this->change($route, $state, $who, $reason);
    }

    /**
     * Done by Wexon itself, so the desk is told.
     *
     * @param  string  $by  "a rule", "the clock".
     */
    public function byItself(Route $route, RouteState $state, string $by, string $reason): void
    {
        if ($this->change($route, $state, $by, $reason)) {
            Notice::once($route->desk_id, Kind::State, "“{$route->name}” is {$state->words()} now. {$reason}", "/routes/{$route->id}", $route->id);
        }
    }

    /** @return bool Whether it was in another state before. */
    private function change(Route $route, RouteState $state, string $by, ?string $reason): bool
    {
        $changed = DB::transaction(static function () use ($route, $state, $by, $reason): bool {
            $before = Route::query()->whereKey($route->id)->lockForUpdate()->firstOrFail()->state;
            if ($before === $state) {
                return false;
            }
            $said = ['state_by' => mb_substr($by, 0, self::BY), 'state_reason' => $reason === null ? null : mb_substr($reason, 0, self::REASON), 'state_at' => now()];
            $route->update(['state' => $state] + $said + ($state === RouteState::Armed ? ['armed_at' => now()] : []));
            DB::table('route_state_changes')->insert(['route_id' => $route->id, 'from_state' => $before->value, 'to_state' => $state->value, 'by' => $said['state_by'], 'reason' => $said['state_reason'], 'at' => now()->format('Y-m-d H:i:s.u')]);

            return true;
        });
        $changed && $this->live->route($route);

        return $changed;
    }
}
