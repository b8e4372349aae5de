<?php

namespace App\Http\Controllers\Routes;

use App\Http\Resources\RouteResource;
use App\Live\Live;
use App\Models\Route;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Wexon\Core\Route\RouteState;

/** Pauses or winds down a route at a time; no time takes that back. Arming is done by somebody who looks. */
final class SetStateLater
{
    public function __invoke(Request $request, Route $route, #[CurrentUser] User $user, Live $live): RouteResource
    {
        $given = $request->validate([
            'state' => ['required', Rule::in([RouteState::Paused->value, RouteState::WindingDown->value])],
            'at' => ['nullable', 'date'],
        ]);
        $at = isset($given['at']) ? CarbonImmutable::parse($given['at'])->utc() : null;
        if ($at?->isPast() === true) {
            throw ValidationException::withMessages(['at' => 'That time is over: choose one that is to come.']);
        }
        $route->update(['next_state' => $at === null ? null : RouteState::from($given['state']), 'next_state_at' => $at, 'next_state_by' => $at === null ? null : $user->name]);
        $live->route($route);

        return new RouteResource($route->load(['inlet', 'accounts']));
    }
}
