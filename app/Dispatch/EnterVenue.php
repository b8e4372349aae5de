<?php

namespace App\Dispatch;

use App\Connector\Connectors;
use App\Connector\ConnectsSlowly;
use App\Connector\VenueTrouble;
use App\Live\Live;
use App\Models\Account;

/** Tries credentials at an account's venue, telling the desk's screens how far it is where that takes long, and keeps them when they are good. */
final readonly class EnterVenue
{
    public function __construct(private Connectors $connectors, private RefreshAccount $refresh, private Live $live) {}

    /**
     * @param  array<string, string>  $credentials
     *
     * @throws VenueTrouble If the venue does not let them in, or they are for another kind of money than the account's.
     */
    public function enter(Account $account, array $credentials): void
    {
        $connector = $this->connectors->make($account->venue, $credentials);
        if ($connector instanceof ConnectsSlowly) {
            $connector->connect(fn (int $percent, string $doing) => $this->live->connecting($account->desk_id, $percent, $doing));
        }
        if ($account->exists && $connector->check()->environment->value !== $account->environment) {
            throw VenueTrouble::refused("These are for another account than this {$account->environment} one: connect that as an account of its own.");
        }
        $account->credentials = $credentials;
        $this->refresh->refresh($account, $connector);
    }
}
