<?php

namespace App\Http\Controllers\Inlets;

use App\Http\Resources\InletResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ListInlets
{
    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return InletResource::collection($user->desk->inlets()->with(['routes', 'reading'])->orderBy('name')->get());
    }
}
