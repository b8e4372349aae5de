<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Route\OppositeSignal;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/**
 * A bare buy or sell without the chart's position: the route says what it means.
 *
 * With “close only” a signal against the route's home side can only ever close, so that a sell meant as “get out” never
 * opens a short.
 */
final readonly class BareIntent implements IntentRule
{
    public function resolve(Signal $signal, RouteRules $rules, ?Side $held): ?ResolvedIntent
    {
        $side = $signal->action->leaning();
        if ($side === null) {
            return null;
        }

        return match ($held) {
            null => $this->whileFlat($side, $signal, $rules),
            $side => ResolvedIntent::nothing("A {$signal->action->value}, but the account is {$side->value} already: a second one is not an add."),
            default => $this->against($side, $held, $signal, $rules),
        };
    }

    private function whileFlat(Side $side, Signal $signal, RouteRules $rules): ResolvedIntent
    {
        $closesOnly = $rules->opposite === OppositeSignal::CloseOnly || ! $rules->sides->allow($side);
        if ($closesOnly && $side !== $rules->sides->home()) {
            $reason = $rules->sides->allow($side) ? 'opposite signal: close only' : "this route trades {$rules->sides->value} only";

            return ResolvedIntent::nothing("A {$signal->action->value} closes a {$side->opposite()->value} here ({$reason}), and {$signal->symbol} is flat: nothing to do.");
        }

        return ResolvedIntent::of(Intent::Enter, $side, "A {$signal->action->value} while flat enters {$side->value}.");
    }

    private function against(Side $side, Side $held, Signal $signal, RouteRules $rules): ResolvedIntent
    {
        if ($rules->opposite === OppositeSignal::Ignore) {
            return ResolvedIntent::nothing("A {$signal->action->value} while {$held->value}: this route ignores opposite signals.");
        }
        if ($rules->opposite === OppositeSignal::CloseAndReverse && $rules->sides->allow($side)) {
            return ResolvedIntent::of(Intent::Flip, $side, "A {$signal->action->value} while {$held->value}: this route closes and reverses.");
        }

        return ResolvedIntent::of(Intent::Exit, $held, "A {$signal->action->value} while {$held->value} closes it and opens nothing.");
    }
}
