<?php

declare(strict_types=1);

namespace App\Inlet;

/** Why the door stayed shut: what the sender is told, and under which reason it is counted. */
final readonly class Refusal
{
    /** @param  array<string, string>  $headers */
    public function __construct(
        public string $reason,
        public int $status,
        public string $words,
        public array $headers = [],
    ) {}
}
