<?php

namespace App\Http\Controllers\Routes;

use App\Http\Requests\RouteRequest;
use App\Http\Resources\RouteResource;
use App\Models\Route;
use Illuminate\Support\Facades\DB;

final class ChangeRoute
{
    public function __invoke(RouteRequest $request, Route $route): RouteResource
    {
        DB::transaction(static function () use ($request, $route): void {
            $route->update($request->attributesOfRoute());
            $route->accounts()->sync($request->accountIds());
        });

        return new RouteResource($route->load(['inlet', 'accounts']));
    }
}
