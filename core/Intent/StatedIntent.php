<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** Enter, exit and flip: the message says what it means, and only our own position can make it nothing. */
final readonly class StatedIntent implements IntentRule
{
    public function resolve(Signal $signal, RouteRules $rules, ?Side $held): ?ResolvedIntent
    {
        return match (true) {
            $signal->action === Action::Exit => $this->exit($signal, $held),
            $signal->side === null => null,
            $signal->action === Action::Enter => $this->enter($signal, $signal->side, $held),
            $signal->action === Action::Flip => $this->flip($signal->side, $held),
            default => null,
        };
    }

    private function exit(Signal $signal, ?Side $held): ResolvedIntent
    {
        if ($held === null) {
            return ResolvedIntent::nothing("Exit, but {$signal->symbol} is flat: nothing to close.");
        }
        if ($signal->side !== null && $signal->side !== $held) {
            return ResolvedIntent::nothing("Exit {$signal->side->value}, but the position is {$held->value}: left alone.");
        }

        return ResolvedIntent::of(Intent::Exit, $held, "The message says exit, and the position is {$held->value}.");
    }

    private function enter(Signal $signal, Side $side, ?Side $held): ResolvedIntent
    {
        if ($held === $side) {
            return ResolvedIntent::nothing("Enter {$side->value}, but {$signal->symbol} is {$side->value} already: a second entry is not an add.");
        }
        if ($held !== null) {
            return ResolvedIntent::nothing("Enter {$side->value}, but {$signal->symbol} is {$held->value}: exit it first, or send “flip”.");
        }

        return ResolvedIntent::of(Intent::Enter, $side, "The message says enter {$side->value}, and the account is flat.");
    }

    private function flip(Side $side, ?Side $held): ResolvedIntent
    {
        return match ($held) {
            null => ResolvedIntent::of(Intent::Enter, $side, "The message says flip to {$side->value}; the account is flat, so this is an entry."),
            $side => ResolvedIntent::nothing("Flip to {$side->value}, but the position is {$side->value} already."),
            default => ResolvedIntent::of(Intent::Flip, $side, "The message says flip, from {$held->value} to {$side->value}."),
        };
    }
}
