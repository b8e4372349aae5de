<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Route\Disagreement;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\ChartPosition;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/**
 * A bare buy or sell with the chart's own position: the change of that position is the meaning.
 *
 * flat → side: enter. side → flat: exit. side → other side: flip. Same side: add when the order is on its side, reduce
 * when against it. Our own position can still turn it into nothing, or a flip into an entry.
 */
final readonly class ChartPositionIntent implements IntentRule
{
    public function resolve(Signal $signal, RouteRules $rules, ?Side $held): ?ResolvedIntent
    {
        $chart = $signal->position;
        $leaning = $signal->action->leaning();
        if ($chart === null || $leaning === null) {
            return null;
        }
        if ($chart->before === null && $chart->after === null) {
            return ResolvedIntent::nothing('The chart was flat and is flat: nothing to do.');
        }
        if (! $this->fits($signal->action, $chart)) {
            return ResolvedIntent::nothing("A {$signal->action->value} cannot take the chart from {$chart}: the message contradicts itself, so nothing is done.");
        }

        $follows = $rules->disagreement === Disagreement::FollowChart;

        return match (true) {
            $chart->after === null => $this->exit($chart, $held, $follows),
            $chart->before === $chart->after => $this->change($chart->after, $leaning, $chart, $held, $follows),
            $chart->before === null => $this->enter($chart->after, $chart, $held),
            default => $this->flip($chart->after, $chart, $held),
        };
    }

    /** A buy can only move the chart's position towards long, a sell towards short; a side that stays can do either. */
    private function fits(Action $action, ChartPosition $chart): bool
    {
        if ($chart->before === $chart->after) {
            return true;
        }
        $worth = static fn (?Side $side): int => match ($side) {
            Side::Long => 1,
            null => 0,
            Side::Short => -1,
        };

        return ($worth($chart->after) > $worth($chart->before)) === ($action === Action::Buy);
    }

    private function exit(ChartPosition $chart, ?Side $held, bool $follows): ResolvedIntent
    {
        return match (true) {
            $held === null => ResolvedIntent::nothing("The chart went {$chart}, but the account is flat: nothing to close."),
            $held !== $chart->before && ! $follows => ResolvedIntent::nothing("The chart went {$chart}, but the account is {$held->value}: they disagree, and ours is left alone."),
            $held !== $chart->before => ResolvedIntent::of(Intent::Exit, $held, "The chart went {$chart}, but the account is {$held->value}: they disagree, and this route follows the chart out."),
            default => ResolvedIntent::of(Intent::Exit, $held, "The chart went {$chart}: an exit."),
        };
    }

    private function enter(Side $side, ChartPosition $chart, ?Side $held): ResolvedIntent
    {
        return match ($held) {
            null => ResolvedIntent::of(Intent::Enter, $side, "The chart went {$chart}: an entry."),
            $side => ResolvedIntent::nothing("The chart went {$chart}, but the account is {$side->value} already."),
            default => ResolvedIntent::of(Intent::Flip, $side, "The chart went {$chart}; the account was still {$held->value}, so this is a flip."),
        };
    }

    private function flip(Side $side, ChartPosition $chart, ?Side $held): ResolvedIntent
    {
        return match ($held) {
            null => ResolvedIntent::of(Intent::Enter, $side, "The chart went {$chart}; the account is flat, so this is an entry."),
            $side => ResolvedIntent::nothing("The chart went {$chart}, but the account is {$side->value} already."),
            default => ResolvedIntent::of(Intent::Flip, $side, "The chart went {$chart}: a flip."),
        };
    }

    private function change(Side $side, Side $leaning, ChartPosition $chart, ?Side $held, bool $follows): ResolvedIntent
    {
        $intent = $leaning === $side ? Intent::Add : Intent::Reduce;
        if ($held === $side) {
            return ResolvedIntent::of($intent, $side, "The chart stayed {$side->value} and its position ".($intent === Intent::Add ? 'grew' : 'shrank').'.');
        }
        $now = $held->value ?? 'flat';
        if (! $follows) {
            return ResolvedIntent::nothing("The chart stayed {$side->value} ({$intent->value}), but the account is {$now}: they disagree, and there is nothing to {$intent->value}.");
        }

        return ResolvedIntent::of($held === null ? Intent::Enter : Intent::Flip, $side, "The chart stayed {$side->value}, but the account is {$now}: they disagree, and this route follows the chart.");
    }
}
