<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** Enter, exit, flip and the like: the message says what it means, and only our own position can make it nothing. */
final readonly class StatedIntent implements IntentRule
{
    public function resolve(Signal $signal, RouteRules $rules, ?Side $held): ?ResolvedIntent
    {
        return match (true) {
            $signal->action === Action::Exit, $signal->action === Action::Flatten => $this->exit($signal, $held),
            $signal->action === Action::Add => $this->add($signal, $held),
            $signal->action === Action::Set => $this->set($signal, $held),
            $signal->action === Action::Place => ResolvedIntent::of(Intent::Place, $signal->side, "The message says {$signal}."),
            $signal->action === Action::Cancel => ResolvedIntent::of(Intent::Cancel, null, "The message says {$signal}."),
            $signal->action === Action::Protect => ResolvedIntent::of(Intent::Protect, $signal->side ?? $held, "The message says {$signal}."),
            $signal->side === null => null,
            $signal->action === Action::Enter => $this->enter($signal, $signal->side, $held),
            $signal->action === Action::Flip => $this->flip($signal->side, $held),
            default => null,
        };
    }

    private function exit(Signal $signal, ?Side $held): ResolvedIntent
    {
        if ($held === null) {
            return ResolvedIntent::nothing(ucfirst($signal->action->value).", but {$signal->symbol} is flat: nothing to close.");
        }
        if ($signal->side !== null && $signal->side !== $held) {
            return ResolvedIntent::nothing("Exit {$signal->side->value}, but the position is {$held->value}: left alone.");
        }

        if ($signal->share?->isLessThan(100) === true || $signal->size !== null) {
            return ResolvedIntent::of(Intent::Reduce, $held, "The message says exit a part, and the position is {$held->value}.");
        }

        return ResolvedIntent::of(Intent::Exit, $held, "The message says {$signal->action->value}, and the position is {$held->value}.");
    }

    private function set(Signal $signal, ?Side $held): ResolvedIntent
    {
        return match (true) {
            $signal->side !== null => ResolvedIntent::of(Intent::Set, $signal->side, "The message says {$signal} to {$signal->size}."),
            $held === null => ResolvedIntent::nothing("Set flat, and {$signal->symbol} is flat already."),
            default => ResolvedIntent::of(Intent::Exit, $held, "The message says set flat, and the position is {$held->value}."),
        };
    }

    private function add(Signal $signal, ?Side $held): ResolvedIntent
    {
        return match (true) {
            $held === null => ResolvedIntent::nothing("Add, but {$signal->symbol} is flat: nothing to add to."),
            $signal->side !== null && $signal->side !== $held => ResolvedIntent::nothing("Add {$signal->side->value}, but the position is {$held->value}: left alone."),
            default => ResolvedIntent::of(Intent::Add, $held, "The message says add, and the position is {$held->value}."),
        };
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
