<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Sizing\FixedUnits;
use Wexon\Core\Sizing\FromMessage;
use Wexon\Core\Sizing\Multiplied;
use Wexon\Core\Sizing\Sizer;
use Wexon\Core\Sizing\SizeRule;

/** Brings the position to the size that the message names, scaled by the route's multiplier: what is missing is opened, what is too much is closed. */
final readonly class SetPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $opening = $input->side->opening();
        $wanted = $this->scaled($input);
        if ($input->snapshot->position->side() === $input->side->opposite()) {
            return (new ExitPlan)->tickets($input)->then($this->opened($input, $wanted, BigDecimal::zero(), ''));
        }
        $instrument = $input->snapshot->instrument;
        $held = $input->held();
        $raw = $wanted->units($input->sizing($opening, closesFirst: true));
        $missing = $instrument->roundSizeDown($raw->units)->minus($held);
        $working = "{$raw->working} wanted, {$held} held";
        if ($missing->abs()->isLessThan($instrument->leastSize)) {
            return Planned::of("{$working}: nothing that an order could change");
        }

        return $missing->isNegative()
            ? Planned::of("{$working} → {$missing->abs()} too much", Ticket::market(1, $instrument->name, $input->side->closing(), $instrument->roundSizeDown($missing->abs()), true))
            : $this->opened($input, new FixedUnits($missing), $held, "{$working}, missing ");
    }

    private function opened(PlanInput $input, SizeRule $rule, BigDecimal $held, string $before): Planned
    {
        $sized = Sizer::size($rule, $input->sizing($input->side->opening(), closesFirst: $held->isZero()), $input->rules->caps, $held);

        return Planned::of($before.$sized->working, Ticket::market(1, $input->snapshot->instrument->name, $input->side->opening(), $sized->units, false));
    }

    private function scaled(PlanInput $input): SizeRule
    {
        $rule = $input->rules->size;

        return $rule instanceof Multiplied ? Multiplied::of(new FromMessage, $rule->factor) : new FromMessage;
    }
}
