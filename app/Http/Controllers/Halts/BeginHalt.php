<?php

namespace App\Http\Controllers\Halts;

use App\Http\Resources\HaltResource;
use App\Live\Live;
use App\Models\Account;
use App\Models\Halt;
use App\Models\Notice;
use App\Models\User;
use App\Notify\Kind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** No new orders from this moment on, on one account or on all. What works and what is held is seen to by the watchers at once. */
final class BeginHalt
{
    public function __invoke(Request $request, #[CurrentUser] User $user, Live $live): HaltResource
    {
        $given = $request->validate([
            'account_id' => ['nullable', 'integer'],
            'reason' => ['nullable', 'string', 'max:200'],
            'cancels' => ['required', 'boolean'],
            'flattens' => ['required', 'boolean'],
        ]);
        $account = isset($given['account_id']) ? Account::query()->where('desk_id', $user->desk_id)->whereKey($given['account_id'])->firstOrFail() : null;
        $which = ['desk_id' => $user->desk_id, 'account_id' => $account?->id, 'lifted_at' => null];
        $halt = Halt::query()->firstOrNew($which);
        $halt->fill([
            'reason' => trim($given['reason'] ?? ''),
            // Pressed again, it can become harder, not softer.
            'cancels' => (bool) $halt->cancels || $given['cancels'] || $given['flattens'],
            'flattens' => (bool) $halt->flattens || $given['flattens'],
            'begun_by' => $halt->begun_by ?? $user->name,
            'begun_at' => $halt->begun_at ?? now(),
        ])->save();
        Notice::once($user->desk_id, Kind::Halt, ($account === null ? 'Everything' : "“{$account->name}”")." was halted by {$user->name}.", '/');
        $live->halt($user->desk_id);

        return new HaltResource($halt->load('account'));
    }
}
