<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Station;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Guard\LeverageGuard;
use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Sizing\FromMessage;

/** What an entry of each symbol would come to now: too small, too dear, with a leverage that is not to be had, or with a stop on the wrong side. */
final readonly class EntryCheck implements Check
{
    public function name(): string
    {
        return 'an entry now';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = [];
        foreach ($route->legs() as [$account, $symbol, $snapshot]) {
            foreach (Side::cases() as $side) {
                $signal = new Signal(Action::Enter, $symbol, $side);
                if (! $account->rules->sides->allow($side) || $account->rules->size instanceof FromMessage) {
                    continue;
                }
                foreach (Decide::decide($signal, $account->rules, $snapshot)->steps as $step) {
                    $isOurs = in_array($step->station, [Station::Size, Station::Plan], true) || ($step->numbers['guard'] ?? null) === (new LeverageGuard)->name();
                    if ($step->verdict === Verdict::Refuse && $isOurs) {
                        $findings[] = Finding::mustFix("“enter {$side->value} {$symbol}” on “{$account->name}” would be refused now: {$step->sentence}");
                    }
                }
            }
        }

        return $findings === [] ? [Finding::fine('An entry of each symbol would pass size and plan now.')] : $findings;
    }
}
