<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened before a moment. */
final readonly class StartTimeLimit implements Limit
{
    public function name(): string
    {
        return 'start time';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->notBefore !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $from = $scope->limits->notBefore;

        return $from === null || $input->snapshot->now >= $from ? null : "{$scope->capital()} opens nothing before {$from->format('D d M Y H:i T')}.";
    }
}
