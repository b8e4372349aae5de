<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

/** A route opens only the sides that it is set to trade; what it holds it may always close. */
final readonly class AllowedSidesGuard implements Guard
{
    public function name(): string
    {
        return 'sides';
    }

    public function refusal(GuardInput $input): ?string
    {
        $side = $input->intent->side;
        if ($side === null || ! $input->intent->intent->opens() || $input->rules->sides->allow($side)) {
            return null;
        }

        return "This route trades {$input->rules->sides->value} only; the signal would open a {$side->value}.";
    }
}
