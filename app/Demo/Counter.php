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
        [$url, $counter, $fields] = self::COUNTERS[$venue];
        $given = Http::throw()->post(config("wexon.{$url}")."/{$counter}", ['name' => "{$desk->name}, {$name}"] + $wanted)->json();
        $credentials = array_intersect_key($given, array_flip($fields));
        $account = (new Account)->forceFill(['desk_id' => $desk->id, 'name' => $name, 'venue' => $venue, 'credentials' => $credentials]);
        $this->refresh->refresh($account, $this->connectors->make($venue, $credentials));

        return $account;
    }

    /** The same account with other money in it: another one at the venue, and its key. */
    public function renew(Account $account, string $cash): void
    {
        [$url, $counter, $fields] = self::COUNTERS[$account->venue];
        $more = $account->venue === 'larkmoor' && str_contains($account->name, 'both sides') ? ['holds' => 'both_sides'] : [];
        $given = Http::throw()->post(config("wexon.{$url}")."/{$counter}", ['name' => $account->name, 'environment' => 'practice', 'permissions' => ['read', 'trade'], 'cash' => $cash] + $more)->json();
        $credentials = array_intersect_key($given, array_flip($fields));
        $account->update(['credentials' => $credentials, 'peak_equity' => null]);
        $this->refresh->refresh($account, $this->connectors->make($account->venue, $credentials));
    }
}
