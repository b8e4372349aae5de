<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** The same signal, by intent, side and label, is not taken again for a while. */
final readonly class SameAgainLimit implements Limit
{
    public function name(): string
    {
        return 'same again';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->sameAgain !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $left = $scope->left($scope->facts->sameAt, $scope->limits->sameAgain, $input->snapshot->now);

        return $left === 0 ? null : "The same signal was taken less than {$scope->limits->sameAgain} s ago; {$scope->words} takes it again in {$left} s.";
    }
}
