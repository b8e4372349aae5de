<?php

namespace App\Demo;

use App\Connector\Connectors;
use App\Dispatch\RefreshAccount;
use App\Models\Account;
use App\Models\Desk;
use Illuminate\Support\Facades\Http;

/** Opens accounts at the practice venue's counter, as a trader would, and connects them. */
final readonly class Counter
{
    public function __construct(private Connectors $connectors, private RefreshAccount $refresh) {}

    /** @param  string  $permissions "read,trade" */
    public function open(Desk $desk, string $name, string $environment, string $permissions, string $cash): Account
    {
        $key = Http::throw()->post(config('wexon.quarrystone_url').'/keys', [
            'name' => "{$desk->name}, {$name}",
            'environment' => $environment,
            'permissions' => explode(',', $permissions),
            'cash' => $cash,
        ])->json();
        $credentials = ['key' => $key['key'], 'secret' => $key['secret']];
        $account = (new Account)->forceFill(['desk_id' => $desk->id, 'name' => $name, 'venue' => 'quarrystone', 'credentials' => $credentials]);
        $this->refresh->refresh($account, $this->connectors->make('quarrystone', $credentials));

        return $account;
    }
}
