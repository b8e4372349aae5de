<?php

namespace App\Http\Controllers\Accounts;

use App\Models\Account;
use App\Models\DescribedVenue;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Takes a described venue out, when no account is connected there. */
final class ForgetVenue
{
    public function __invoke(string $venue, #[CurrentUser] User $user): Response
    {
        $described = DescribedVenue::query()->where('desk_id', $user->desk_id)->where('venue', $venue)->firstOrFail();
        $account = Account::query()->where('venue', $venue)->value('name');
        abort_if($account !== null, 409, "The account “{$account}” is connected there: remove it first.");
        $described->delete();

        return new Response(status: 204);
    }
}
