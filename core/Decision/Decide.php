<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Guards;
use Wexon\Core\Guard\Limit\Limit;
use Wexon\Core\Guard\Limit\Waits;
use Wexon\Core\Guard\LimitGuards;
use Wexon\Core\Guard\Scope;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Intent\Intents;
use Wexon\Core\Intent\TakeBackEntry;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Plan\PlanInput;
use Wexon\Core\Plan\Planned;
use Wexon\Core\Plan\Plans;
use Wexon\Core\Protection\Foreseen;
use Wexon\Core\Route\Leverage;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Sizing\SizeRefusal;

/** The one pure decision: the same signal, rules and snapshot always give the same answer. Nothing else decides. */
final class Decide
{
    public static function decide(Signal $signal, RouteRules $rules, Snapshot $snapshot): Decision
    {
        $steps = [self::read($signal), self::match($signal, $snapshot)];

        $intent = TakeBackEntry::unless(Intents::resolve($signal, $rules, $snapshot->position->side()), $signal, $snapshot->working);
        $numbers = ['position' => (string) $snapshot->position->quantity];
        if ($intent->intent === Intent::Nothing) {
            return Decision::of($intent->intent, [...$steps, Step::nothing(Station::Intent, $intent->why, $numbers)]);
        }
        $steps[] = Step::pass(Station::Intent, $intent->why, ['intent' => (string) $intent, ...$numbers]);

        $steps[] = $guarded = self::guard(new GuardInput($signal, $intent, $rules, $snapshot));
        if ($guarded->verdict !== Verdict::Pass) {
            return Decision::of($intent->intent, $steps);
        }

        try {
            // A cancel is about no side, and its plan does not look at one.
            $input = new PlanInput($signal, $intent->side ?? Side::Long, $rules, $snapshot);
            $planned = Plans::of($intent->intent)->tickets($input);
            $foreseen = self::foreseen($planned, $input);
        } catch (SizeRefusal $refusal) {
            return Decision::of($intent->intent, [...$steps, Step::refuse(Station::Size, $refusal->getMessage())]);
        } catch (OrderRefusal $refusal) {
            return Decision::of($intent->intent, [...$steps, Step::refuse(Station::Plan, $refusal->getMessage())]);
        }
        $planned = self::untilOpening($planned, $snapshot);
        $sized = self::sized($planned, $snapshot);
        if ($planned->isEmpty() && $intent->intent !== Intent::Protect) {
            return Decision::of($intent->intent, [...$steps, Step::nothing(Station::Size, $sized->sentence, $sized->numbers)]);
        }

        $leverage = self::leverage($planned, $rules, $snapshot);

        $steps = $intent->intent === Intent::Protect ? [...$steps, Step::pass(Station::Protect, "Set anew: {$planned->working[0]}.")] : [...$steps, $sized, self::planned($planned, $leverage)];
        $steps = $foreseen === null || $planned->tickets === [] ? $steps : [...$steps, Step::pass(Station::Protect, 'Then looked after: '.$foreseen->words.'.')];
        $steps = $rules->ask === null || ! self::opens($planned) ? $steps : [...$steps, Step::hold(Station::Plan, "This route asks first: somebody has {$rules->ask->for} s to say yes, then it ".($rules->ask->goes ? 'is sent' : 'lapses').'.', ['seconds' => (string) $rules->ask->for])];

        return Decision::of($intent->intent, $steps, $planned->tickets, array_values($planned->cancels), $leverage, $planned->ladder, $foreseen);
    }

    /**
     * What looks after the position that the first opening ticket makes; an add leaves that to the position's own.
     *
     * @throws OrderRefusal If the stop or a target would lie on the wrong side of the price.
     */
    private static function foreseen(Planned $planned, PlanInput $input): ?Foreseen
    {
        foreach ($planned->tickets as $ticket) {
            if (! $ticket->reduceOnly) {
                return $input->foreseen($ticket->side->position(), $ticket->terms->reservedAt($input->snapshot->quote->priceFor($ticket->side)), $ticket->quantity);
            }
        }

        return null;
    }

    /** While the venue is closed, what may wait goes out at the opening. */
    private static function untilOpening(Planned $planned, Snapshot $snapshot): Planned
    {
        $opens = $snapshot->instrument->isOpen($snapshot->now) ? null : $snapshot->instrument->hours?->opensAt($snapshot->now);

        return $opens === null || $planned->tickets === [] ? $planned
            : $planned->later($opens->getTimestamp() + 1 - $snapshot->now->getTimestamp())->noting("closed now: it waits for the opening, {$opens->format('D d M H:i T')}");
    }

    /** What has to be set at the venue first; nothing when it is set so, or nothing is opened. */
    private static function leverage(Planned $planned, RouteRules $rules, Snapshot $snapshot): ?Leverage
    {
        return self::opens($planned) && $rules->leverage?->isSetAs($snapshot->leverage, $snapshot->margin) === false ? $rules->leverage : null;
    }

    private static function opens(Planned $planned): bool
    {
        return array_filter($planned->tickets, static fn (Ticket $ticket): bool => ! $ticket->reduceOnly) !== [];
    }

    private static function planned(Planned $planned, ?Leverage $leverage): Step
    {
        $first = $leverage === null ? [] : ["set leverage to {$leverage}"];
        $cancels = array_map(static fn (WorkingOrder $order): string => "take back {$order}", array_values($planned->cancels));

        return Step::pass(Station::Plan, ucfirst(implode('; then ', [...$cancels, ...$first, ...array_map(strval(...), $planned->tickets)])).'.');
    }

    private static function read(Signal $signal): Step
    {
        return Step::pass(Station::Read, "Read as “{$signal}”.", array_filter([
            'price' => (string) $signal->price,
            'size' => (string) $signal->size,
            'chart' => (string) $signal->position,
            'label' => (string) $signal->label,
        ], static fn (string $value): bool => $value !== ''));
    }

    private static function match(Signal $signal, Snapshot $snapshot): Step
    {
        $together = $snapshot->together === null ? '' : " {$snapshot->together}.";

        return Step::pass(Station::Match, "{$signal->symbol} is {$snapshot->instrument->name} here.{$together}", [
            'bid' => (string) $snapshot->quote->bid,
            'ask' => (string) $snapshot->quote->ask,
        ]);
    }

    private static function guard(GuardInput $input): Step
    {
        $passed = [];
        foreach (Guards::all() as $guard) {
            $refusal = $guard->refusal($input);
            if ($refusal !== null) {
                return Step::refuse(Station::Guard, $refusal, ['guard' => $guard->name()]);
            }
            $passed[] = $guard->name();
        }

        return ($input->opens() ? self::limit($input, $passed) : null) ?? Step::pass(Station::Guard, 'Let through by: '.implode(', ', $passed).'.');
    }

    /** @param  array<int|string, string>  $passed  Gets the names of those that are set. */
    private static function limit(GuardInput $input, array &$passed): ?Step
    {
        foreach (LimitGuards::all() as $limit) {
            foreach ($input->scopes() as $scope) {
                if (! $limit->isSet($scope->limits)) {
                    continue;
                }
                $refusal = $limit->refusal($input, $scope);
                if ($refusal !== null && $input->snapshot->overruled !== $limit->name()) {
                    return self::stopped($limit, $scope, $refusal);
                }
                $passed[$limit->name()] = $refusal === null ? $limit->name() : "{$limit->name()} (overruled: ".lcfirst(rtrim($refusal, '.')).')';
            }
        }

        return null;
    }

    private static function stopped(Limit $limit, Scope $scope, string $refusal): Step
    {
        $numbers = ['guard' => $limit->name(), 'of' => $scope->words];
        $seconds = $limit instanceof Waits ? $limit->seconds($scope->limits) : null;

        return ! $limit instanceof Waits || $seconds === null ? Step::refuse(Station::Guard, $refusal, $numbers)
            : Step::hold(Station::Guard, "{$refusal} It waits for {$limit->waitsFor()}, for {$seconds} s at most.", ['seconds' => (string) $seconds] + $numbers);
    }

    private static function sized(Planned $planned, Snapshot $snapshot): Step
    {
        return Step::pass(Station::Size, implode('; ', $planned->working), [
            'equity' => "{$snapshot->balance->equity->toScale(2, RoundingMode::DOWN)} {$snapshot->balance->currency}",
            'free' => "{$snapshot->balance->free->toScale(2, RoundingMode::DOWN)} {$snapshot->balance->currency}",
        ]);
    }
}
