<?php

namespace App\Connector;

/** A connector whose credentials end, and can be exchanged for new ones before. */
interface RenewsCredentials
{
    /**
     * @return array<string, string>|null New credentials to keep instead of the old; null while the old are good for long enough.
     *
     * @throws VenueTrouble
     */
    public function renewed(): ?array;
}
