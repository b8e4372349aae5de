<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Decision\Ticket;
use Wexon\Core\Sizing\Sizer;

/** A position by the route's size rule. */
final readonly class EnterPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $opening = $input->side->opening();
        $sized = Sizer::size($input->rules->size, $input->sizing($opening, closesFirst: true), $input->rules->caps);

        return Planned::of($sized->working, Ticket::market(1, $input->snapshot->instrument->name, $opening, $sized->units, false));
    }
}
