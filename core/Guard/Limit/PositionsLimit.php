<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** So many positions are open at once, first come, first served. The rest is refused, or waits for a place where the limits say so. */
final readonly class PositionsLimit implements Waits
{
    public function name(): string
    {
        return 'positions';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->positions !== null;
    }

    public function seconds(Limits $limits): ?int
    {
        return $limits->queueFor;
    }

    public function waitsFor(): string
    {
        return 'a place';
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $open = $scope->facts->positions;
        $most = $scope->limits->positions;

        return $scope->facts->hasPlace || $most === null || $open < $most ? null
            : ($most === 1 ? "The one place of {$scope->words} is taken" : "All {$most} places of {$scope->words} are taken").': '.($open === 1 ? 'one position is' : "{$open} positions are").' open or being entered.';
    }
}
