<?php

namespace App\Demo;

use App\Connector\Connectors;
use App\Dispatch\RefreshAccount;
use App\Models\Account;
use App\Models\Desk;
use Illuminate\Support\Facades\Http;

/** Opens accounts at the practice venues' counters, as a trader would, and connects them. */
final readonly class Counter
{
    /** By venue: where its counter is, and what of the answer lets one in. */
    private const COUNTERS = [
        'quarrystone' => ['quarrystone_url', 'keys', ['key', 'secret']],
        'larkmoor' => ['larkmoor_url', 'logins', ['login', 'password', 'server']],
        'pellam_street' => ['pellam_street_url', 'tokens', ['account', 'token']],
    ];

    public function __construct(private Connectors $connectors, private RefreshAccount $refresh) {}

    /** @param  array<string, mixed>  $wanted  What the counter is told: environment, cash, permissions … */
    public function open(Desk $desk, string $name, string $venue, array $wanted): Account
    {
        return $this->connected((new Account)->forceFill(['desk_id' => $desk->id, 'name' => $name, 'venue' => $venue]), ['name' => "{$desk->name}, {$name}"] + $wanted);
    }

    /**
     * The same account with other money in it: another one at the venue, and its key.
     *
     * @param  array<string, mixed>  $wanted
     */
    public function renew(Account $account, array $wanted): void
    {
        $this->connected($account->fill(['peak_equity' => null]), ['name' => $account->name] + $wanted);
    }

    /** @param  array<string, mixed>  $wanted */
    private function connected(Account $account, array $wanted): Account
    {
        [$url, $counter, $fields] = self::COUNTERS[$account->venue];
        $given = Http::throw()->post(config("wexon.{$url}")."/{$counter}", $wanted)->json();
        $credentials = array_intersect_key($given, array_flip($fields));
        // Kept at once: a connector may renew what it was given.
        $account->forceFill(['credentials' => $credentials]);
        $account->exists && $account->save();
        $this->refresh->refresh($account, $this->connectors->make($account->venue, $credentials));

        return $account;
    }
}
