<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;

/** A route that starts clean leaves exits and adds alone until its first entry: they belong to a trade that it never made. */
final readonly class StartCleanGuard implements Guard
{
    public function name(): string
    {
        return 'start clean';
    }

    public function refusal(GuardInput $input): ?string
    {
        $belongsToAnEntry = in_array($input->intent->intent, [Intent::Exit, Intent::Reduce, Intent::Add], true);

        return ! $input->rules->startClean || $input->snapshot->entered || ! $belongsToAnEntry
            ? null
            : "The route starts clean and has not entered {$input->snapshot->instrument->name} since it was armed: this {$input->intent->intent->value} belongs to an earlier trade of the chart and is left alone.";
    }
}
