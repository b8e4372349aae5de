<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderRefusal;
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

        return Planned::of("{$asked}, for {$input->held()} held at {$average->stripTrailingZeros()}");
    }
}
