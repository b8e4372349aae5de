<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** An account that cannot trade, or is halted; and a key that may take money out. */
final readonly class AccountCheck implements Check
{
    public function name(): string
    {
        return 'accounts';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = [];
        foreach ($route->accounts as $account) {
            if ($account->trouble !== null) {
                $findings[] = Finding::mustFix("“{$account->name}”: {$account->trouble}");
            }
            if ($account->halt !== null) {
                $findings[] = Finding::lookAgain("“{$account->name}”: {$account->halt}. Nothing goes out there until it is lifted.");
            }
            if (in_array('withdraw', $account->permissions, true)) {
                $findings[] = Finding::lookAgain("The key of “{$account->name}” may withdraw money, and trading never needs that: make one without it at the venue.");
            }
        }

        return $findings;
    }
}
