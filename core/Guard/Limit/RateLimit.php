<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** So many signals a minute open something, at most. */
final readonly class RateLimit implements Limit
{
    public function name(): string
    {
        return 'per minute';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->perMinute !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $most = $scope->limits->perMinute;

        return $most === null || $scope->facts->lastMinute <= $most ? null
            : "This is signal {$scope->facts->lastMinute} within a minute, and {$scope->words} takes {$most} a minute at most.";
    }
}
