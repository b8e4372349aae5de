<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

/** All guards, in the order they are asked. */
final class Guards
{
    /** @return list<Guard> */
    public static function all(): array
    {
        return [new HaltGuard, new RouteStateGuard, new ExpiryGuard, new HeldGuard, new OpeningHoursGuard, new AllowedSidesGuard, new ShortableGuard, new StartCleanGuard, new AddGuard, new LeverageGuard, new SlippageGuard, new ProfitableExitGuard];
    }
}
