<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** Another armed route that trades the same, or takes the same messages. */
final readonly class OthersCheck implements Check
{
    public function name(): string
    {
        return 'other routes';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = [];
        foreach ($route->accounts as $account) {
            if ($account->others !== []) {
                $findings[] = Finding::lookAgain("On “{$account->name}” the same is traded by ".implode(', ', $account->others).': one would close what the other opened.');
            }
        }
        if ($route->heard->sharers !== []) {
            $findings[] = Finding::lookAgain('The same messages are taken by '.implode(', ', $route->heard->sharers).': each of them acts.');
        }

        return $findings;
    }
}
