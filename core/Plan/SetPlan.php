<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Sizing\FixedUnits;
use Wexon\Core\Sizing\FromMessage;
use Wexon\Core\Sizing\Multiplied;
use Wexon\Core\Sizing\Sizer;
use Wexon\Core\Sizing\SizeRule;

/**
 * Brings the position to the size that the message names, scaled by the route's multiplier: what is missing is opened, what is too much is closed.
 * What is still working to open something is taken back: the size wanted is worked out anew.
 */
final readonly class SetPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $opening = $input->side->opening();
        $wanted = $this->scaled($input);
        if ($input->snapshot->position->side() === $input->side->opposite()) {
            return (new ExitPlan(now: true))->tickets($input)->then($this->opened($input, $wanted, BigDecimal::zero(), ''));
        }
        $instrument = $input->snapshot->instrument;
        $held = $input->held();
        $raw = $wanted->units($input->sizing($opening, closesFirst: true));
        $missing = $instrument->roundSizeDown($raw->units)->minus($held);
        $working = "{$raw->working} wanted, {$held} held";
        if ($missing->abs()->isLessThan($instrument->leastSize)) {
            return Planned::of("{$working}: nothing that an order could change")->cancelling($input->opening());
        }

        return ($missing->isNegative()
            ? $this->closed($input, $instrument->roundSizeDown($missing->abs()), $working)
            : $this->opened($input, new FixedUnits($missing), $held, "{$working}, missing "))->cancelling($input->opening());
    }

    private function opened(PlanInput $input, SizeRule $rule, BigDecimal $held, string $before): Planned
    {
        $opening = $input->side->opening();
        $terms = $input->terms($input->rules->entry, $opening);
        $sized = Sizer::size($rule, $input->sizing($opening, closesFirst: $held->isZero(), terms: $terms), $input->rules->caps, $held);

        return Planned::of($before.$sized->working, ...$input->orders(OrderRole::Entry, $input->rules->entry, $opening, $sized->units, $terms));
    }

    private function closed(PlanInput $input, BigDecimal $units, string $working): Planned
    {
        $closing = $input->side->closing();

        return Planned::of("{$working} → {$units} too much", ...$input->orders(OrderRole::Exit, $input->rules->exit, $closing, $units, $input->terms($input->rules->exit, $closing)));
    }

    private function scaled(PlanInput $input): SizeRule
    {
        $rule = $input->rules->size;

        return $rule instanceof Multiplied ? Multiplied::of(new FromMessage, $rule->factor) : new FromMessage;
    }
}
