<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Signal\Side;

/** What is bought with money that is there cannot be sold short, nor what the venue has none of to lend. */
final readonly class ShortableGuard implements Guard
{
    public function name(): string
    {
        return 'short possible';
    }

    public function refusal(GuardInput $input): ?string
    {
        $instrument = $input->snapshot->instrument;
        if ($input->intent->side !== Side::Short || ! $input->intent->intent->opens() || $instrument->shortable) {
            return null;
        }

        return $instrument->kind->canBeShort()
            ? "The venue has no {$instrument->name} to lend now, so it cannot be sold short."
            : "{$instrument->name} is {$instrument->kind->value} and cannot be sold short: route this symbol to a perpetual, or trade long only.";
    }
}
