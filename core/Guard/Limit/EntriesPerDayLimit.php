<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** So many entries a day, at most. */
final readonly class EntriesPerDayLimit implements Limit
{
    public function name(): string
    {
        return 'entries per day';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->entriesPerDay !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $taken = $scope->facts->entriesToday;

        return ! $input->enters() || $taken < $scope->limits->entriesPerDay ? null
            : "{$scope->capital()} has taken {$taken} ".($taken === 1 ? 'entry' : 'entries')." today ({$scope->limits->zone->getName()}); it takes {$scope->limits->entriesPerDay} a day at most.";
    }
}
