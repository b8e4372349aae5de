<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Decision\Ticket;
use Wexon\Core\Signal\Side;
use Wexon\Core\Sizing\SizeRefusal;

/** All that is held, and nothing more. */
final readonly class ExitPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $held = $input->held();
        $instrument = $input->snapshot->instrument;
        $units = $instrument->roundSizeDown($held);
        if ($units->isLessThan($instrument->leastSize) || $units->isZero()) {
            throw new SizeRefusal("The position of {$held} is below the least order of {$instrument->name}, {$instrument->leastSize}: it cannot be closed by an order.");
        }
        $closing = ($input->snapshot->position->side() ?? Side::Long)->closing();

        return Planned::of("the whole position of {$held} → {$units}", Ticket::market(1, $instrument->name, $closing, $units, true));
    }
}
