<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** After a trade that lost nothing is entered for a while. */
final readonly class RestAfterLossLimit implements Limit
{
    public function name(): string
    {
        return 'rest after a loss';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->restAfterLoss !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $left = $scope->left($scope->facts->lastLoss, $scope->limits->restAfterLoss, $input->snapshot->now);

        return ! $input->enters() || $left === 0 ? null : "{$scope->capital()} rests {$scope->limits->restAfterLoss} s after a loss: {$left} s are left.";
    }
}
