<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Sizing\FromMessage;
use Wexon\Core\Sizing\RawSize;
use Wexon\Core\Sizing\SizeRefusal;
use Wexon\Core\Sizing\SizeRule;

/** A part of what is held: a share, units, or the same part as the chart's script closed of its own position. */
final readonly class ReducePlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $held = $input->held();
        $instrument = $input->snapshot->instrument;
        $part = $this->part($input, $held);
        $units = $instrument->roundSizeDown(BigDecimal::min($part->units, $held));
        if ($units->isLessThan($instrument->leastSize) || $units->isZero()) {
            throw new SizeRefusal("{$part->working} = {$this->shown($part->units)}, in steps of {$instrument->lotStep} that is {$units}: below the least order of {$instrument->name}, which is {$instrument->leastSize} of the {$held} held.");
        }
        $closing = $input->side->closing();
        $rest = $held->minus($units);
        if ($rest->isPositive() && $rest->isLessThan($instrument->leastSize)) {
            return (new ExitPlan)->tickets($input);
        }

        return Planned::of("{$part->working} = {$this->shown($part->units)} → {$units}", ...$input->orders(OrderRole::Exit, $input->rules->exit, $closing, $units, $input->terms($input->rules->exit, $closing)));
    }

    /** @throws SizeRefusal If the signal does not say how much. */
    private function part(PlanInput $input, BigDecimal $held): RawSize
    {
        $signal = $input->signal;
        if ($signal->share !== null) {
            return RawSize::of($held->multipliedBy($signal->share)->dividedBy(100, SizeRule::SCALE, RoundingMode::DOWN), "{$signal->share} % of {$held}");
        }
        if ($signal->size === null) {
            throw new SizeRefusal('The signal closes a part of the position, but does not say how much: send “share” or “size”.');
        }
        $after = $signal->position?->size;
        if ($after !== null && ! $after->isZero()) {
            $before = $after->plus($signal->size->amount);

            return RawSize::of($held->multipliedBy($signal->size->amount)->dividedBy($before, SizeRule::SCALE, RoundingMode::DOWN), "the chart closed {$signal->size->amount} of {$before}; the same part of {$held}");
        }

        return (new FromMessage)->units($input->sizing($input->side->closing(), closesFirst: false));
    }

    private function shown(BigDecimal $units): BigDecimal
    {
        return $units->toScale(min($units->getScale(), 8), RoundingMode::DOWN)->stripTrailingZeros();
    }
}
