<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;

/** A position may be added to so often, as the route says. */
final readonly class AddGuard implements Guard
{
    public function name(): string
    {
        return 'adds';
    }

    public function refusal(GuardInput $input): ?string
    {
        $most = $input->rules->adds->most;
        if ($input->intent->intent !== Intent::Add || $input->snapshot->adds < $most) {
            return null;
        }

        return $most === 0
            ? "The signal adds to the {$input->intent->side?->value}; this route holds one entry per position and takes no adds."
            : 'This would be add '.($input->snapshot->adds + 1)." to the {$input->intent->side?->value}; this route takes at most {$most} per position.";
    }
}
