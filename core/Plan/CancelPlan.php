<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Order\WorkingOrder;

/** Takes back the route's working orders: those of a label, or all of them. */
final readonly class CancelPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $label = $input->signal->all ? null : $input->signal->label;
        $orders = $label === null ? $input->snapshot->working : $input->workingWhere(static fn (WorkingOrder $order): bool => $order->hasLabel($label));
        if ($orders === []) {
            return Planned::of($label === null ? 'nothing of this route is working' : "nothing of this route with the label “{$label}” is working");
        }

        return Planned::of(count($orders).' working '.(count($orders) === 1 ? 'order is' : 'orders are').' taken back')->cancelling($orders);
    }
}
