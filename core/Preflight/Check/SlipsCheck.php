<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Sizing\FromMessage;

/** Slips that say the same, whose size is not looked at, or whose alert is about to expire. */
final readonly class SlipsCheck implements Check
{
    public function name(): string
    {
        return 'slips';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = $this->sameText($route);
        foreach ($route->slips as $slip) {
            $days = $slip->expires === null ? null : intdiv($slip->expires->getTimestamp() - $route->now->getTimestamp(), 86_400);
            if ($days !== null && $days < self::SOON) {
                $findings[] = $slip->expires <= $route->now ? Finding::mustFix("The alert “{$slip->name}” has expired: renew it on the chart, and give its new date.") : Finding::lookAgain("The alert “{$slip->name}” expires in {$days} ".($days === 1 ? 'day' : 'days').'.');
            }
        }
        $unit = $route->heard->slipUnit;
        if ($unit !== null && ! $route->rules->size instanceof FromMessage) {
            $findings[] = Finding::lookAgain("The slips' messages give a size in {$unit}, but the route sizes by its own rule and does not look at it.")->mendedBy('Size by the message', ['size' => ['rule' => 'from_message']]);
        }
        if ($unit === null && $route->rules->size instanceof FromMessage && $route->slips !== []) {
            $findings[] = Finding::mustFix('The route takes its size from the message, but the slips give none: make them again with a size, or choose another size rule.');
        }

        return $findings;
    }

    private const SOON = 7;

    /** @return list<Finding> */
    private function sameText(RouteSeen $route): array
    {
        $seen = [];
        $findings = [];
        foreach ($route->slips as $slip) {
            if ($slip->text === null) {
                continue;
            }
            if (isset($seen[$slip->text])) {
                $findings[] = Finding::mustFix("The slips “{$seen[$slip->text]}” and “{$slip->name}” have the same message, so they mean the same: make them again.");
            }
            $seen[$slip->text] = $slip->name;
        }

        return $findings;
    }
}
