<?php

namespace App\Http\Controllers\Accounts;

use App\Connector\Connectors;
use App\Connector\VenueTrouble;
use App\Dispatch\EnterVenue;
use App\Http\Requests\CredentialsRequest;
use App\Http\Resources\AccountResource;
use App\Models\Account;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Connects an account after the venue has said that its key is good. */
final class ConnectAccount
{
    public function __invoke(CredentialsRequest $request, #[CurrentUser] User $user, Connectors $connectors, EnterVenue $enter): AccountResource
    {
        $venues = array_column($connectors->venues($user->desk_id), null, 'id');
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80', Rule::unique('accounts')->where('desk_id', $user->desk_id)],
            'venue' => ['required', Rule::in(array_keys($venues))],
        ], ['name.unique' => 'Another account of this desk has this name: choose another.']);
        $account = (new Account)->forceFill(['desk_id' => $user->desk_id, 'name' => trim($given['name']), 'venue' => $given['venue']]);
        try {
            $enter->enter($account, $request->for($venues[$given['venue']]));
        } catch (VenueTrouble $trouble) {
            throw ValidationException::withMessages(['credentials' => "{$trouble->getMessage()} The account was not connected."]);
        }

        return new AccountResource($account);
    }
}
