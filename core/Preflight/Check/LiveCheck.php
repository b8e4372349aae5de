<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\AccountSeen;
use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** A route that is about to trade live money. */
final readonly class LiveCheck implements Check
{
    public function name(): string
    {
        return 'live money';
    }

    public function findings(RouteSeen $route): array
    {
        $live = array_values(array_filter($route->accounts, static fn (AccountSeen $account): bool => $account->isLive));
        if ($live === []) {
            return [Finding::fine('Practice money only.')];
        }
        $names = implode(', ', array_map(static fn (AccountSeen $account): string => "“{$account->name}”", $live));

        return [Finding::lookAgain("Live money is traded on {$names}: arming asks for the account's name.".(count($live) < count($route->accounts) ? ' Its other accounts are practice.' : ''))];
    }
}
