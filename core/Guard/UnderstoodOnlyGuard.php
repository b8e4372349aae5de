<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;

/** What a message can ask for and a route cannot do yet is refused, and said so: never half done. */
final readonly class UnderstoodOnlyGuard implements Guard
{
    public function name(): string
    {
        return 'what a route can do';
    }

    public function refusal(GuardInput $input): ?string
    {
        $asks = $input->signal;
        $means = match ($input->intent->intent) {
            Intent::Place, Intent::Cancel, Intent::Protect => "“{$input->intent->intent->value}”",
            default => $asks->limit !== null || $asks->trigger !== null
                ? 'a limit or trigger price'
                : ($asks->stop !== null || $asks->targets !== [] || $asks->trailing !== null ? 'a stop, targets or trailing' : null),
        };

        return $means === null ? null : "The message asks for {$means}. It is understood, but routes trade at market only so far; nothing is sent, because an order without what was asked for would be another one.";
    }
}
