<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** An account may be kept to one side, whatever its routes trade. */
final readonly class SidesLimit implements Limit
{
    public function name(): string
    {
        return 'sides of the account';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->sides !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $side = $input->intent->side;

        return $side === null || $scope->limits->sides?->allow($side) !== false ? null
            : "{$scope->capital()} trades {$scope->limits->sides->value} only; the signal would open a {$side->value}.";
    }
}
