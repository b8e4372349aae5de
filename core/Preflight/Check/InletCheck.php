<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** An inlet that is open to everybody, messages from addresses that it does not know, and a sender whose clock is off. */
final readonly class InletCheck implements Check
{
    public function name(): string
    {
        return 'inlet';
    }

    public function findings(RouteSeen $route): array
    {
        $heard = $route->heard;
        $findings = [];
        if (! $heard->isClosed) {
            $findings[] = Finding::lookAgain("“{$heard->inlet}” takes messages from every address".($heard->senders === [] ? '' : ' (lately from '.implode(', ', array_slice($heard->senders, 0, 3)).')').': whoever learns its web address can trade. Allow the sender alone, or give it a phrase.');
        }
        if ($heard->senders === [] && $heard->strangers !== []) {
            $findings[] = Finding::lookAgain('Today messages came only from '.implode(', ', array_slice($heard->strangers, 0, 3)).', which the inlet does not allow: is that your charting platform?');
        }
        if ($heard->skew !== null && abs($heard->skew) > self::SKEW) {
            $findings[] = Finding::lookAgain('The clock of the sender is '.sprintf('%.1f', abs($heard->skew) / 1000).' s '.($heard->skew > 0 ? 'behind' : 'ahead').' of ours, or its messages take that long.');
        }

        return $findings;
    }

    /** Milliseconds. */
    private const SKEW = 2_000;
}
