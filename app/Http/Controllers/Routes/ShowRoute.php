<?php

namespace App\Http\Controllers\Routes;

use App\Http\Resources\RouteResource;
use App\Models\Route;

final class ShowRoute
{
    public function __invoke(Route $route): RouteResource
    {
        return new RouteResource($route->load(['inlet', 'accounts']));
    }
}
