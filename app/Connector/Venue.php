<?php

namespace App\Connector;

/** A venue that accounts can be connected at: its name, and what a trader must give. */
final readonly class Venue
{
    /** @param  array<string, string>  $credentials Field => label. */
    public function __construct(
        public string $id,
        public string $name,
        public string $trades,
        public array $credentials,
        /** Where a key is made. */
        public string $keysAt,
        /** What to mind about the credentials, for a trader. */
        public string $advice,
        /** Whether the desk has described it itself. */
        public bool $isDescribed = false,
        /** The credential that names the account, where one does; it stays the same when others are renewed. */
        public ?string $identity = null,
    ) {}
}
