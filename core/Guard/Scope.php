<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use DateTimeImmutable;

/** Whose limits these are: the route's, or the account's for all of its routes. */
final readonly class Scope
{
    public function __construct(
        /** "this route", "this account". */
        public string $words,
        public Limits $limits,
        public Facts $facts,
    ) {}

    /** Seconds that are left of a rest; 0 when it is over, or there is none. */
    public function left(?DateTimeImmutable $since, ?int $rest, DateTimeImmutable $now): int
    {
        return $since === null || $rest === null ? 0 : max(0, $since->getTimestamp() + $rest - $now->getTimestamp());
    }

    public function capital(): string
    {
        return ucfirst($this->words);
    }
}
