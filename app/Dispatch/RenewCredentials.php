<?php

namespace App\Dispatch;

use App\Connector\RenewsCredentials;
use App\Connector\VenueTrouble;
use App\Models\Account;

/** Exchanges credentials that end soon for new ones, and keeps those before anything else is asked. */
final readonly class RenewCredentials
{
    /** Seconds. */
    private const LOCK = 20;

    /** @throws VenueTrouble If the venue does not give new ones. */
    public function renew(Account $account, RenewsCredentials $connector): void
    {
        NamedLock::hold("credentials:{$account->id}", self::LOCK, static function () use ($account, $connector): void {
            $renewed = $connector->renewed();
            if ($renewed !== null) {
                $account->update(['credentials' => $renewed]);
            }
        });
    }
}
