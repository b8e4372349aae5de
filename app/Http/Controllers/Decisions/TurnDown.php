<?php

namespace App\Http\Controllers\Decisions;

use App\Control\ReleaseHeld;
use App\Http\Resources\DecisionResource;
use App\Models\Decision;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

/** Says no to something that waits. */
final class TurnDown
{
    public function __invoke(Decision $decision, #[CurrentUser] User $user, ReleaseHeld $held): DecisionResource
    {
        abort_unless($held->giveUp($decision, "{$user->name} said no."), 409, 'This does not wait any more.');

        return new DecisionResource($decision->refresh()->load(Decision::SHOWN));
    }
}
