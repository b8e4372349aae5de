<?php

namespace App\Http\Controllers\Decisions;

use App\Control\ReleaseHeld;
use App\Http\Resources\DecisionResource;
use App\Models\Decision;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** Says yes to what a route asks about, to all of it or to a share. It is decided once more, with the market and the money of now. */
final class Approve
{
    public function __invoke(Request $request, Decision $decision, #[CurrentUser] User $user, ReleaseHeld $held): DecisionResource
    {
        $given = $request->validate(['share' => ['nullable', 'string', 'regex:/^(100|[1-9]\d?)(\.\d{1,4})?$/']], ['share.regex' => 'A share is a percentage from 1 to 100.']);
        abort_unless($held->approve($decision, $user->name, $given['share'] ?? '100'), 409, 'This does not wait for an answer any more.');

        return new DecisionResource($decision->refresh()->load(Decision::SHOWN));
    }
}
