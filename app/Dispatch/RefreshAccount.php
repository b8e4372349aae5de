<?php

namespace App\Dispatch;

use App\Connector\Connector;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Account;
use App\Models\Instrument;
use Wexon\Core\Instrument\Instrument as InstrumentValue;

/** Asks a venue about an account, and keeps what it says: permissions, money, and what can be traded. */
final readonly class RefreshAccount
{
    public function __construct(private Live $live) {}

    /** @throws VenueTrouble */
    public function refresh(Account $account, Connector $connector): void
    {
        $check = $connector->check();
        $instruments = $connector->instruments();
        Instrument::query()->upsert(array_map(static fn (InstrumentValue $instrument): array => [
            'venue' => $account->venue,
            'name' => $instrument->name,
            'spec' => json_encode($instrument->toArray(), JSON_THROW_ON_ERROR),
        ], $instruments), ['venue', 'name'], ['spec']);
        $account->fill([
            'environment' => $check->environment->value,
            'permissions' => $check->permissions,
            'currency' => $check->balance->currency,
            'equity' => $check->balance->equity,
            'free' => $check->balance->free,
            'trouble' => in_array('trade', $check->permissions, true) ? null : 'This key may not trade: make one at the venue that may, and connect it.',
            'checked_at' => now(),
        ])->save();
        $this->live->account($account);
    }
}
