<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

use DateTimeImmutable;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Route\RouteRules;

/** A route with everything around it, at one moment. */
final readonly class RouteSeen
{
    /**
     * @param  list<AccountSeen>  $accounts
     * @param  list<SlipSeen>  $slips
     */
    public function __construct(
        public RouteRules $rules,
        public array $accounts,
        public array $slips,
        public Heard $heard,
        public DateTimeImmutable $now,
    ) {}

    /** @return iterable<array{AccountSeen, string, Snapshot}> Account, chart symbol, and the world of its instrument, where the venue lists it. */
    public function legs(): iterable
    {
        foreach ($this->accounts as $account) {
            foreach ($account->legs as $leg) {
                if ($leg['snapshot'] !== null) {
                    yield [$account, $leg['symbol'], $leg['snapshot']];
                }
            }
        }
    }
}
