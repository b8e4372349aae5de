<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Route\RouteRules;

/** One account of a route, as it is now. */
final readonly class AccountSeen
{
    /**
     * @param  list<string>  $permissions
     * @param  list<array{symbol: string, snapshot: Snapshot|null, linked?: Instrument|null}>  $legs  Of each chart symbol: the world of its instrument with nothing held, null when the venue does not list it; and what the desk's symbol map says that it is there.
     * @param  list<string>  $others  "“Marl swings” (marl_perp)": armed routes that trade the same instruments on it.
     */
    public function __construct(
        public string $name,
        public bool $isLive,
        public array $permissions,
        public ?string $trouble,
        public ?string $halt,
        /** As the account trades it. */
        public RouteRules $rules,
        public array $legs,
        public array $others = [],
    ) {}
}
