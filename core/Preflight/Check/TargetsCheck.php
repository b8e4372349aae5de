<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** Targets whose shares are not the whole. */
final readonly class TargetsCheck implements Check
{
    public function name(): string
    {
        return 'targets';
    }

    public function findings(RouteSeen $route): array
    {
        $rest = $route->rules->protection->rest();

        return $route->rules->protection->targets === [] || $rest->isZero() ? []
            : [Finding::lookAgain("The targets close {$rest->negated()->plus(100)->stripTrailingZeros()} % of a position: {$rest->stripTrailingZeros()} % are left to the stop, or to a signal.")];
    }
}
