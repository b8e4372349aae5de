<?php

namespace App\Http\Controllers\Positions;

use App\Http\Resources\OrderResource;
use App\Models\Position;
use App\Models\User;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** Adds to a position at market. */
final class AddToPosition
{
    public function __invoke(Request $request, Position $position, #[CurrentUser] User $user, Hand $hand): OrderResource
    {
        $given = $request->validate(['units' => ['required', 'string', 'regex:/^(?=.*[1-9])\d{1,12}(\.\d{1,12})?$/']], ['units.regex' => 'A size is a number above zero, such as 2.5.']);

        return new OrderResource(Refused::orDone('units', static fn () => $hand->add($position, BigDecimal::of($given['units']), "by hand, {$user->name}"))->load('decision.route', 'decision.message', 'account'));
    }
}
