<?php

namespace App\Http\Controllers\Routes;

use App\Http\Resources\RouteResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ListRoutes
{
    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return RouteResource::collection($user->desk->routes()->with(['inlet', 'accounts'])->orderBy('name')->get());
    }
}
