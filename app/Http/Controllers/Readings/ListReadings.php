<?php

namespace App\Http\Controllers\Readings;

use App\Http\Resources\ReadingResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ListReadings
{
    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return ReadingResource::collection($user->desk->readings()->with(['samples', 'inlets'])->orderBy('name')->get());
    }
}
