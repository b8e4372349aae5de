<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Standin\Exchange\Problem;

/** Who asks, and what they may do. */
final readonly class Key
{
    /** @param  list<string>  $permissions */
    public function __construct(
        public string $key,
        public int $accountId,
        public array $permissions,
        /** practice or live */
        public string $environment,
        public string $accountName,
    ) {}

    /** @throws Problem If the key lacks the permission. */
    public function need(string $permission): void
    {
        if (! in_array($permission, $this->permissions, true)) {
            throw Problem::of(403, 'permission_missing', "This key has no “{$permission}” permission.");
        }
    }
}
