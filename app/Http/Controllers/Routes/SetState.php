<?php

namespace App\Http\Controllers\Routes;

use App\Control\ChangeState;
use App\Control\SeeRoute;
use App\Http\Resources\RouteResource;
use App\Models\Account;
use App\Models\Route;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Wexon\Core\Preflight\Checks;
use Wexon\Core\Preflight\Level;
use Wexon\Core\Route\RouteState;

/** Arms, pauses or winds down a route. Arming one that trades live money needs the account's name, typed. */
final class SetState
{
    public function __invoke(Request $request, Route $route, #[CurrentUser] User $user, ChangeState $change, SeeRoute $see): RouteResource
    {
        $given = $request->validate([
            'state' => ['required', Rule::in([RouteState::Armed->value, RouteState::Paused->value, RouteState::WindingDown->value])],
            'live_account' => ['nullable', 'string'],
            'anyway' => ['nullable', 'boolean'],
            'reason' => ['nullable', 'string', 'max:300'],
        ]);
        $state = RouteState::from($given['state']);
        $route->load(['inlet', 'accounts']);
        $liveAccounts = $route->accounts->where('environment', 'live')->map(static fn (Account $account): string => $account->name);
        if ($state === RouteState::Armed && $liveAccounts->isNotEmpty() && ! $liveAccounts->contains(trim($given['live_account'] ?? ''))) {
            throw ValidationException::withMessages(['live_account' => "This route trades live money. Type the account's name, {$liveAccounts->first()}, to arm it."]);
        }
        if ($state === RouteState::Armed && $route->state !== RouteState::Armed && ($given['anyway'] ?? false) !== true) {
            $this->refuseWhatMustBeMended($route, $see);
        }
        $change->byHand($route, $state, $user->name, ($given['reason'] ?? '') ?: null);

        return new RouteResource($route);
    }

    /** @throws ValidationException If the preflight finds something that must be mended first. */
    private function refuseWhatMustBeMended(Route $route, SeeRoute $see): void
    {
        $words = array_map(static fn (array $finding): string => $finding['words'], array_filter(Checks::run($see->see($route)), static fn (array $finding): bool => $finding['level'] === Level::MustFix->value));
        if ($words !== []) {
            throw ValidationException::withMessages(['preflight' => array_values($words)]);
        }
    }
}
