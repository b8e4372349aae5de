<?php

declare(strict_types=1);

namespace App\Inlet;

/** What an inlet wants of a message before it is stored. */
final readonly class InletRow
{
    /** @param  list<string>  $allowedSenders */
    public function __construct(
        public int $id,
        public int $deskId,
        public int $perMinute,
        public array $allowedSenders,
        /** Encrypted. */
        public ?string $phrase,
        /** Encrypted. */
        public ?string $signingSecret,
    ) {}
}
