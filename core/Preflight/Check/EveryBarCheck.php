<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** Messages that come at every bar: a condition that is true all the time rather than becomes true. */
final readonly class EveryBarCheck implements Check
{
    public function name(): string
    {
        return 'true at every bar';
    }

    public function findings(RouteSeen $route): array
    {
        $signals = array_slice($route->heard->signals, -self::LAST);
        $gap = $route->heard->usualGap();
        if (count($signals) < self::LAST || $gap === null || $gap === 0 || count(array_unique(array_column($signals, 'intent'))) !== 1) {
            return [];
        }
        foreach (array_slice($signals, 1) as $i => $signal) {
            if (abs($signal['at'] - $signals[$i]['at'] - $gap) > max(1, intdiv($gap, 10))) {
                return [];
            }
        }

        return [Finding::lookAgain('The last '.self::LAST." signals all say {$signals[0]['intent']}, one every {$gap} s: the condition seems to be true at every bar. Let the alert fire when it becomes true.")];
    }

    private const LAST = 8;
}
