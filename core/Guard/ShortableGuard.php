<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Signal\Side;

/** What is bought with money that is there cannot be sold short. */
final readonly class ShortableGuard implements Guard
{
    public function name(): string
    {
        return 'short possible';
    }

    public function refusal(GuardInput $input): ?string
    {
        $instrument = $input->snapshot->instrument;
        if ($input->intent->side !== Side::Short || ! $input->intent->intent->opens() || $instrument->kind->canBeShort()) {
            return null;
        }

        return "{$instrument->name} is {$instrument->kind->value} and cannot be sold short: route this symbol to a perpetual, or trade long only.";
    }
}
