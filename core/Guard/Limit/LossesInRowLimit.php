<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** After so many trades in a row that lost nothing is entered for a while. */
final readonly class LossesInRowLimit implements Limit
{
    public function name(): string
    {
        return 'losses in a row';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->lossesInRow !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $left = $scope->facts->losses < $scope->limits->lossesInRow ? 0 : $scope->left($scope->facts->lastLoss, $scope->limits->restAfterLosses, $input->snapshot->now);

        return ! $input->enters() || $left === 0 ? null
            : "{$scope->capital()} has lost {$scope->facts->losses} times in a row, and rests {$scope->limits->restAfterLosses} s after {$scope->limits->lossesInRow}: {$left} s are left.";
    }
}
