<?php

namespace App\Http\Controllers\Routes;

use App\Http\Resources\RouteResource;
use App\Live\Live;
use App\Models\Account;
use App\Models\Route;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Wexon\Core\Route\RouteState;

/** Arms, pauses or winds down a route. Arming one that trades live money needs the account's name, typed. */
final class SetState
{
    public function __invoke(Request $request, Route $route, Live $live): RouteResource
    {
        $given = $request->validate([
            'state' => ['required', Rule::in([RouteState::Armed->value, RouteState::Paused->value, RouteState::WindingDown->value])],
            'live_account' => ['nullable', 'string'],
        ]);
        $state = RouteState::from($given['state']);
        $route->load(['inlet', 'accounts']);
        $liveAccounts = $route->accounts->where('environment', 'live')->map(static fn (Account $account): string => $account->name);
        if ($state === RouteState::Armed && $liveAccounts->isNotEmpty() && ! $liveAccounts->contains(trim($given['live_account'] ?? ''))) {
            throw ValidationException::withMessages(['live_account' => "This route trades live money. Type the account's name, {$liveAccounts->first()}, to arm it."]);
        }
        $route->update(['state' => $state] + ($state === RouteState::Armed && $route->state !== RouteState::Armed ? ['armed_at' => now()] : []));
        $live->route($route);

        return new RouteResource($route);
    }
}
