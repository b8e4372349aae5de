<?php

namespace App\Http\Controllers\Accounts;

use App\Models\Account;
use App\Models\Decision;
use Illuminate\Http\Response;

/** Forgets an account that nothing has happened on. One with a history stays: its record must not vanish. */
final class RemoveAccount
{
    public function __invoke(Account $account): Response
    {
        abort_if($account->routes()->exists(), 409, "“{$account->name}” is used by a route: take it out there first.");
        abort_if(Decision::query()->where('account_id', $account->id)->exists(), 409, "“{$account->name}” has a history in the journal and is kept.");
        $account->delete();

        return new Response(status: 204);
    }
}
