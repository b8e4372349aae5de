<?php

namespace App\Http\Controllers\Decisions;

use App\Http\Resources\DecisionResource;
use App\Models\Decision;
use App\Models\DecisionState;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

/** Signals that wait for a place or for somebody to say yes, the one that has waited longest first. */
final class ListHeld
{
    private const MOST = 100;

    public function __invoke(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return DecisionResource::collection($user->desk->decisions()->where('state', DecisionState::Held)->with(Decision::SHOWN)->orderBy('id')->limit(self::MOST)->get());
    }
}
