<?php

namespace App\Control;

use App\Models\Account;
use App\Models\Halt;

/** Which halts are on. */
final class Halts
{
    /** The one that stops an account: its own, or that of everything; null when none does. */
    public function of(Account $account): ?Halt
    {
        return Halt::query()->where('desk_id', $account->desk_id)->whereNull('lifted_at')
            ->where(static fn ($halt) => $halt->whereNull('account_id')->orWhere('account_id', $account->id))
            ->orderByDesc('flattens')->orderByDesc('cancels')->orderBy('id')->first();
    }
}
