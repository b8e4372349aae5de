<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Guards;
use Wexon\Core\Intent\Intent;
use Wexon\Core\Intent\Intents;
use Wexon\Core\Intent\ResolvedIntent;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Sizing\Sizer;
use Wexon\Core\Sizing\SizeRefusal;
use Wexon\Core\Sizing\SizingInput;

/** The one pure decision: the same signal, rules and snapshot always give the same answer. Nothing else decides. */
final class Decide
{
    public static function decide(Signal $signal, RouteRules $rules, Snapshot $snapshot): Decision
    {
        $steps = [self::read($signal), self::match($signal, $snapshot)];

        $intent = Intents::resolve($signal, $rules, $snapshot->position->side());
        $numbers = ['position' => (string) $snapshot->position->quantity];
        if ($intent->side === null) {
            return Decision::of($intent->intent, [...$steps, Step::nothing(Station::Intent, $intent->why, $numbers)]);
        }
        $steps[] = Step::pass(Station::Intent, $intent->why, ['intent' => (string) $intent, ...$numbers]);

        $steps[] = $guarded = self::guard(new GuardInput($signal, $intent, $rules, $snapshot));
        if ($guarded->verdict !== Verdict::Pass) {
            return Decision::of($intent->intent, $steps);
        }

        try {
            [$sized, $tickets] = self::tickets($signal, $intent, $intent->side, $rules, $snapshot);
        } catch (SizeRefusal $refusal) {
            return Decision::of($intent->intent, [...$steps, Step::refuse(Station::Size, $refusal->getMessage())]);
        }
        $plan = Step::pass(Station::Plan, ucfirst(implode('; then ', array_map(strval(...), $tickets))).'.');

        return Decision::of($intent->intent, [...$steps, $sized, $plan], $tickets);
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
        return Step::pass(Station::Match, "{$signal->symbol} is {$snapshot->instrument->name} here.", [
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

        return Step::pass(Station::Guard, 'Let through by: '.implode(', ', $passed).'.');
    }

    /**
     * @return array{Step, list<Ticket>}
     *
     * @throws SizeRefusal
     */
    private static function tickets(Signal $signal, ResolvedIntent $intent, Side $side, RouteRules $rules, Snapshot $snapshot): array
    {
        $tickets = [];
        $working = [];
        if (in_array($intent->intent, [Intent::Exit, Intent::Flip], true)) {
            [$working[], $tickets[]] = self::close($snapshot);
        }
        if ($intent->intent !== Intent::Exit) {
            $sized = Sizer::size($rules->size, self::sizingInput($signal, $side, $snapshot));
            $working[] = $sized->working;
            $tickets[] = Ticket::market(count($tickets) + 1, $snapshot->instrument->name, $side->opening(), $sized->units, false);
        }

        return [Step::pass(Station::Size, implode('; ', $working), [
            'equity' => "{$snapshot->balance->equity->toScale(2, RoundingMode::DOWN)} {$snapshot->balance->currency}",
            'free' => "{$snapshot->balance->free->toScale(2, RoundingMode::DOWN)} {$snapshot->balance->currency}",
        ]), $tickets];
    }

    /**
     * @return array{string, Ticket}
     *
     * @throws SizeRefusal If what is held is less than the venue takes as an order.
     */
    private static function close(Snapshot $snapshot): array
    {
        $held = $snapshot->position->quantity->abs();
        $units = $snapshot->instrument->roundSizeDown($held);
        if ($units->isLessThan($snapshot->instrument->leastSize) || $units->isZero()) {
            throw new SizeRefusal("The position of {$held} is below the least order of {$snapshot->instrument->name}, {$snapshot->instrument->leastSize}: it cannot be closed by an order.");
        }
        $closing = ($snapshot->position->side() ?? Side::Long)->closing();

        return ["the whole position of {$held} → {$units}", Ticket::market(1, $snapshot->instrument->name, $closing, $units, true)];
    }

    private static function sizingInput(Signal $signal, Side $side, Snapshot $snapshot): SizingInput
    {
        $position = $snapshot->position;
        $released = $position->isFlat()
            ? BigDecimal::zero()
            : $position->cost->abs()->dividedBy($snapshot->leverage, 8, RoundingMode::DOWN);

        return new SizingInput(
            $snapshot->instrument,
            $snapshot->quote->priceFor($side->opening()),
            $snapshot->balance,
            $snapshot->balance->free->plus($released),
            $snapshot->leverage,
            $signal->size,
        );
    }
}
