<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** After an exit nothing is entered for a while. */
final readonly class RestAfterExitLimit implements Limit
{
    public function name(): string
    {
        return 'rest after an exit';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->restAfterExit !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $left = $scope->left($scope->facts->lastExit, $scope->limits->restAfterExit, $input->snapshot->now);

        return ! $input->enters() || $left === 0 ? null : "{$scope->capital()} rests {$scope->limits->restAfterExit} s after an exit: {$left} s are left.";
    }
}
