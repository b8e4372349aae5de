<?php

namespace App\Http\Controllers\Accounts;

use App\Http\JsonSchema;
use App\Http\Resources\AccountResource;
use App\Live\Live;
use App\Models\Account;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Wexon\Core\Guard\Limits;

/** What an account lets its routes do. The peak that its fall is measured from begins anew with what it has now. */
final class SetGuards
{
    public function __invoke(Request $request, Account $account, Live $live): AccountResource
    {
        $given = $request->validate(['guards' => ['present', 'array']]);
        $errors = JsonSchema::errors('route-1#/$defs/guards', JsonSchema::raw($request, 'guards'), 'guards');
        try {
            $limits = $errors === [] ? Limits::of($given['guards']) : throw ValidationException::withMessages($errors);
        } catch (InvalidArgumentException $trouble) {
            throw ValidationException::withMessages(['guards' => $trouble->getMessage()]);
        }
        $isNewFall = $limits->fall !== null && ! $limits->fall->isEqualTo($account->limits()->fall ?? 0);
        $account->update(['guards' => $limits->toArray() === [] ? null : $limits->toArray()] + ($isNewFall ? ['peak_equity' => $account->equity] : []));
        $live->account($account);

        return new AccountResource($account);
    }
}
