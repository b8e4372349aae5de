<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

/** The leverage that a route wants is one that the instrument can have. */
final readonly class LeverageGuard implements Guard
{
    public function name(): string
    {
        return 'leverage';
    }

    public function refusal(GuardInput $input): ?string
    {
        $wanted = $input->rules->leverage;
        $largest = $input->snapshot->instrument->largestLeverage;
        if ($wanted === null || ! $input->intent->intent->opens()) {
            return null;
        }
        if (! $input->snapshot->abilities->setsLeverage && ! $wanted->isSetAs($input->snapshot->leverage, $input->snapshot->margin)) {
            return "This route wants {$wanted->times} times leverage, but the venue sets it for the whole account, to {$input->snapshot->leverage}: take the leverage out of the route, or change it at the venue.";
        }
        if ($largest === null || $wanted->times->isLessThanOrEqualTo($largest)) {
            return null;
        }

        return $largest->isEqualTo(1)
            ? "{$input->snapshot->instrument->name} is traded without leverage: take the leverage out of the route."
            : "This route wants {$wanted->times} times leverage, but {$input->snapshot->instrument->name} takes {$largest} at most.";
    }
}
