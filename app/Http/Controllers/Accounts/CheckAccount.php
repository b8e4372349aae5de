<?php

namespace App\Http\Controllers\Accounts;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\RefreshAccount;
use App\Http\Resources\AccountResource;
use App\Models\Account;

/** Asks the venue again what the key may do and how much money there is. */
final class CheckAccount
{
    public function __invoke(Account $account, Connectors $connectors, RefreshAccount $refresh): AccountResource
    {
        try {
            $refresh->refresh($account, $connectors->for($account));
        } catch (VenueTrouble $trouble) {
            $account->update(['trouble' => mb_substr($trouble->getMessage(), 0, 400)]);
        }

        return new AccountResource($account);
    }
}
