<?php

namespace App\Http\Controllers\Routes;

use App\Http\Requests\RouteRequest;
use App\Http\Resources\RouteResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Route\RouteState;

/** A new route is a draft: nothing goes out before it is armed. */
final class MakeRoute
{
    public function __invoke(RouteRequest $request, #[CurrentUser] User $user): RouteResource
    {
        $route = DB::transaction(static function () use ($request, $user) {
            $route = $user->desk->routes()->create([...$request->attributesOfRoute(), 'state' => RouteState::Draft]);
            $route->accounts()->sync($request->accounts());
            $route->versions()->create(['user_id' => $user->id, 'draft' => $request->draft(), 'created_at' => now()]);

            return $route;
        });

        return new RouteResource($route->load(['inlet', 'accounts']));
    }
}
