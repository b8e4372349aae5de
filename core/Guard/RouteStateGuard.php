<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;
use Wexon\Core\Route\RouteState;

/** Only an armed route starts anything; one that is winding down still closes. */
final readonly class RouteStateGuard implements Guard
{
    public function name(): string
    {
        return 'route state';
    }

    public function refusal(GuardInput $input): ?string
    {
        $state = $input->snapshot->routeState;
        $passes = $state === RouteState::Armed
            || ($state === RouteState::WindingDown && in_array($input->intent->intent, [Intent::Exit, Intent::Reduce, Intent::Cancel], true));
        if ($passes) {
            return null;
        }
        $rest = $state === RouteState::WindingDown ? 'it closes what is open and starts nothing new' : 'arm it to let signals through';

        return "The route is {$state->words()}: {$rest}.";
    }
}
