<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Market\Liquidation;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Plan\PlanInput;
use Wexon\Core\Preflight\AccountSeen;
use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** A stop that lies beyond where the venue closes the position, nearer than the venue takes, or before the planned adds. */
final readonly class StopCheck implements Check
{
    public function name(): string
    {
        return 'stop';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = [];
        foreach ($route->legs() as [$account, $symbol, $snapshot]) {
            foreach (Side::cases() as $side) {
                array_push($findings, ...$account->rules->sides->allow($side) ? $this->ofSide($account, $symbol, $snapshot, $side) : []);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function ofSide(AccountSeen $account, string $symbol, Snapshot $snapshot, Side $side): array
    {
        $price = $snapshot->quote->priceFor($side->opening());
        try {
            $stop = (new PlanInput(new Signal(Action::Enter, $symbol, $side), $side, $account->rules, $snapshot))->foreseen($side, $price, BigDecimal::zero())?->stop;
        } catch (OrderRefusal) {
            // What an entry would come to now says it.
            return [];
        }
        $leverage = $account->rules->leverage->times ?? $snapshot->leverage;
        $liquidated = $leverage->isGreaterThan(1) && $snapshot->instrument->largestLeverage?->isEqualTo(1) !== true ? Liquidation::price($side, $price, $leverage, $snapshot->instrument) : null;
        $where = "{$side->value} {$symbol} on “{$account->name}”";
        $ladder = $account->rules->ladder;

        return array_values(array_filter([
            $stop !== null && $liquidated !== null && Liquidation::comesFirst($side, $liquidated, $stop)
                ? Finding::mustFix("The stop of a {$where} would lie at {$stop}, but at {$leverage->stripTrailingZeros()} times leverage the venue closes it near {$liquidated} already.") : null,
            $stop !== null && $stop->minus($price)->abs()->isLessThan($snapshot->instrument->leastDistance)
                ? Finding::mustFix("The stop of a {$where} would lie {$stop->minus($price)->abs()} from the price; the venue takes {$snapshot->instrument->leastDistance} at least.") : null,
            $stop !== null && $ladder !== null && $stop->minus($price)->abs()->multipliedBy(100)->isLessThanOrEqualTo($ladder->distanceTo(1)->multipliedBy($price))
                ? Finding::lookAgain("The stop of a {$where} lies before its first planned add: the adds would never be filled.") : null,
        ]));
    }
}
