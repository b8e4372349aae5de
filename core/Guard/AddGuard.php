<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;

/** A route enters and exits whole positions: what the chart adds or takes off in between is refused, and said so. */
final readonly class AddGuard implements Guard
{
    public function name(): string
    {
        return 'whole positions';
    }

    public function refusal(GuardInput $input): ?string
    {
        return match ($input->intent->intent) {
            Intent::Add => "The chart added to its {$input->intent->side?->value}; this route holds one entry per position and takes no adds.",
            Intent::Reduce => "The chart closed a part of its {$input->intent->side?->value}; this route closes whole positions only.",
            default => null,
        };
    }
}
