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
        $means = match (true) {
            $input->intent->intent === Intent::Protect => '“protect”',
            $asks->stop !== null || $asks->targets !== [] || $asks->trailing !== null => 'a stop, targets or trailing',
            default => null,
        };

        return $means === null ? null : "The message asks for {$means}. It is understood, but routes do not protect positions yet; nothing is sent, because an order without what was asked for would be another one.";
    }
}
