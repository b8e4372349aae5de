<?php

namespace App\Http\Controllers\Positions;

use App\Http\Resources\OrderResource;
use App\Models\Position;
use App\Models\User;
use App\Protect\Hand;
use Brick\Math\BigDecimal;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** Closes a share of a position at market. */
final class ClosePosition
{
    public function __invoke(Request $request, Position $position, #[CurrentUser] User $user, Hand $hand): OrderResource
    {
        $given = $request->validate(['share' => ['required', 'string', 'regex:/^(100(\.0+)?|\d{1,2}(\.\d{1,6})?)$/']], ['share.regex' => 'A share is a percentage up to 100, such as 50.']);

        return new OrderResource(Refused::orDone('share', static fn () => $hand->close($position, BigDecimal::of($given['share']), "by hand, {$user->name}"))->load('decision.route', 'decision.message', 'account'));
    }
}
