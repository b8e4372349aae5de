<?php

namespace App\Connector;

use Wexon\Core\Market\Balance;

/** What a venue says about a set of credentials. */
final readonly class KeyCheck
{
    /** @param  list<string>  $permissions read, trade, withdraw */
    public function __construct(
        public Environment $environment,
        public array $permissions,
        public Balance $balance,
        /** Why it may not trade, when the venue's way has a name for that. */
        public ?string $words = null,
    ) {}
}
