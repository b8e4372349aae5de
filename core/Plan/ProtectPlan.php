<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Protection\Event\Asked;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\ProtectionRules;

/** No order: stop, targets or trailing of the position that is there are set anew. */
final readonly class ProtectPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $asked = ProtectionRules::none()->with($input->signal);
        if ($asked->isEmpty()) {
            throw new OrderRefusal('The message moves neither stop, targets nor trailing: send at least one of them.');
        }
        $average = $input->snapshot->position->average() ?? BigDecimal::zero();
        $this->refuseMeaningless($input, $average);

        return Planned::of("{$asked}, for {$input->held()} held at {$average->stripTrailingZeros()}");
    }

    /**
     * What is asked for, tried on a position like this; whatever its risk was, it had one.
     *
     * @throws OrderRefusal If a distance means nothing for the instrument, or the shares are more than the whole.
     */
    private function refuseMeaningless(PlanInput $input, BigDecimal $average): void
    {
        $held = Protection::planned(ProtectionRules::none(), $input->snapshot->position->side() ?? $input->side, $input->signal->price, $input->snapshot->now)
            ->with(['quantity' => $input->held(), 'average' => $average, 'risk' => $average]);
        try {
            (new Asked($input->signal))->applyTo($held, $input->snapshot->instrument);
        } catch (InvalidArgumentException $trouble) {
            throw new OrderRefusal($trouble->getMessage());
        }
    }
}
