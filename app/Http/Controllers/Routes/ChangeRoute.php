<?php

namespace App\Http\Controllers\Routes;

use App\Http\Requests\RouteRequest;
use App\Http\Resources\RouteResource;
use App\Models\Route;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;

final class ChangeRoute
{
    public function __invoke(RouteRequest $request, Route $route, #[CurrentUser] User $user): RouteResource
    {
        DB::transaction(static function () use ($request, $route, $user): void {
            $route->update($request->attributesOfRoute());
            $route->accounts()->sync($request->accounts());
            $route->versions()->create(['user_id' => $user->id, 'draft' => $request->draft(), 'created_at' => now()]);
        });

        return new RouteResource($route->load(['inlet', 'accounts']));
    }
}
