<?php

namespace App\Http\Controllers\Accounts;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\EnterVenue;
use App\Http\Requests\CredentialsRequest;
use App\Http\Resources\AccountResource;
use App\Models\Account;
use Illuminate\Validation\ValidationException;

/** Gives an account a new key, password or token, after the venue has said that it is good and no other kind of money. */
final class ChangeCredentials
{
    public function __invoke(CredentialsRequest $request, Account $account, Connectors $connectors, EnterVenue $enter): AccountResource
    {
        $venue = array_column($connectors->venues($account->desk_id), null, 'id')[$account->venue];
        $given = $request->for($venue);
        if ($venue->identity !== null && $given[$venue->identity] !== $account->credentials[$venue->identity]) {
            throw ValidationException::withMessages(["credentials.{$venue->identity}" => "“{$account->name}” is {$account->credentials[$venue->identity]} at {$venue->name}, and its history belongs to that: connect another one as an account of its own."]);
        }
        try {
            $enter->enter($account, $given);
        } catch (VenueTrouble $trouble) {
            throw ValidationException::withMessages(['credentials' => "{$trouble->getMessage()} The account keeps what it had."]);
        }

        return new AccountResource($account->refresh());
    }
}
