<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;

/** Stop, targets and trailing can be moved where there is a position that has them. */
final readonly class HeldGuard implements Guard
{
    public function name(): string
    {
        return 'held';
    }

    public function refusal(GuardInput $input): ?string
    {
        $side = $input->snapshot->position->side();
        if ($input->intent->intent !== Intent::Protect || ($side !== null && ($input->intent->side === null || $input->intent->side === $side))) {
            return null;
        }

        return $side === null
            ? "There is no position of {$input->snapshot->instrument->name} whose stop or targets could be moved."
            : "The message is about a {$input->intent->side->value}, but the position is {$side->value}.";
    }
}
