<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Entries are taken inside a window of the week. */
final readonly class WindowLimit implements Limit
{
    public function name(): string
    {
        return 'window';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->window !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $window = $scope->limits->window;
        if ($window === null || $window->isOpen($input->snapshot->now)) {
            return null;
        }
        $opens = $window->opensAt($input->snapshot->now);

        return "{$scope->capital()} takes entries {$window} only".($opens === null ? '.' : ", again from {$opens->format('D d M H:i T')} on.");
    }
}
