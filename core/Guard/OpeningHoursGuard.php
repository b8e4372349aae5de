<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;
use Wexon\Core\Route\WhenClosed;

/** While the venue is closed, a route refuses, or lets the orders wait for the opening. */
final readonly class OpeningHoursGuard implements Guard
{
    public function name(): string
    {
        return 'opening hours';
    }

    public function refusal(GuardInput $input): ?string
    {
        $instrument = $input->snapshot->instrument;
        $now = $input->snapshot->now;
        if ($instrument->isOpen($now) || $input->intent->intent === Intent::Cancel) {
            return null;
        }
        $opens = $instrument->hours?->opensAt($now);
        if ($opens === null) {
            return "{$instrument->name} is not traded now, and the venue does not say when it will be.";
        }
        $waits = match ($input->rules->whenClosed) {
            WhenClosed::Queue => true,
            WhenClosed::QueueExits => in_array($input->intent->intent, [Intent::Exit, Intent::Reduce, Intent::Flip], true),
            WhenClosed::Refuse => false,
        };

        return $waits ? null : "{$instrument->name} is closed until {$opens->format('D d M H:i T')}, and this route lets ".($input->rules->whenClosed === WhenClosed::Refuse ? 'nothing' : 'only exits').' wait for the opening.';
    }
}
