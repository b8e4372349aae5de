<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Guard\Limit\AgeLimit;
use Wexon\Core\Guard\Limit\DayLossLimit;
use Wexon\Core\Guard\Limit\EntriesPerDayLimit;
use Wexon\Core\Guard\Limit\FallLimit;
use Wexon\Core\Guard\Limit\InstrumentsLimit;
use Wexon\Core\Guard\Limit\LargestLeverageLimit;
use Wexon\Core\Guard\Limit\LeastBalanceLimit;
use Wexon\Core\Guard\Limit\Limit;
use Wexon\Core\Guard\Limit\LiquidationLimit;
use Wexon\Core\Guard\Limit\LossesInRowLimit;
use Wexon\Core\Guard\Limit\OncePerLabelLimit;
use Wexon\Core\Guard\Limit\PositionsLimit;
use Wexon\Core\Guard\Limit\PriceAwayLimit;
use Wexon\Core\Guard\Limit\RateLimit;
use Wexon\Core\Guard\Limit\RestAfterExitLimit;
use Wexon\Core\Guard\Limit\RestAfterLossLimit;
use Wexon\Core\Guard\Limit\SameAgainLimit;
use Wexon\Core\Guard\Limit\SidesLimit;
use Wexon\Core\Guard\Limit\SpreadLimit;
use Wexon\Core\Guard\Limit\StartTimeLimit;
use Wexon\Core\Guard\Limit\WindowLimit;

/** All limits, in the order they are asked; the number of positions comes last, as who passes it may have to wait. */
final class LimitGuards
{
    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn (Limit $limit): string => $limit->name(), self::all());
    }

    /** @return list<Limit> */
    public static function all(): array
    {
        return [
            new InstrumentsLimit, new SidesLimit, new WindowLimit, new StartTimeLimit, new AgeLimit, new SameAgainLimit, new RateLimit, new PriceAwayLimit,
            new SpreadLimit, new EntriesPerDayLimit, new OncePerLabelLimit, new RestAfterExitLimit, new RestAfterLossLimit, new LossesInRowLimit,
            new LeastBalanceLimit, new DayLossLimit, new FallLimit, new LargestLeverageLimit, new LiquidationLimit, new PositionsLimit,
        ];
    }
}
