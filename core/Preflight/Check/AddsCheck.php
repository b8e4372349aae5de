<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Brick\Math\RoundingMode;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Sizing\FromMessage;

/** Adds by signal that the free money would not be enough for. */
final readonly class AddsCheck implements Check
{
    public function name(): string
    {
        return 'money for adds';
    }

    public function findings(RouteSeen $route): array
    {
        $most = $route->rules->adds->most;
        $findings = [];
        foreach ($most === 0 ? [] : $route->legs() as [$account, $symbol, $snapshot]) {
            if ($account->rules->size instanceof FromMessage) {
                continue;
            }
            $tickets = Decide::decide(new Signal(Action::Enter, $symbol, $account->rules->sides->allow(Side::Long) ? Side::Long : Side::Short), $account->rules, $snapshot)->tickets;
            if ($tickets === []) {
                continue;
            }
            $each = $snapshot->instrument->notional($tickets[0]->quantity, $snapshot->quote->ask)->multipliedBy($snapshot->quote->rate)->dividedBy($account->rules->leverage->times ?? $snapshot->leverage, 2, RoundingMode::UP);
            $all = $each->multipliedBy($most + 1);
            if ($all->isGreaterThan($snapshot->balance->free)) {
                $findings[] = Finding::lookAgain("{$symbol} on “{$account->name}”: an entry and {$most} adds of the same size bind about {$all} {$snapshot->balance->currency}, but {$snapshot->balance->free->toScale(2, RoundingMode::DOWN)} are free: the last ones would be refused.");
            }
        }

        return $findings;
    }
}
