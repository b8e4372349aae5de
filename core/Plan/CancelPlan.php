<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Signal\Action;

/** Takes back the route's working orders: those of a label, or all of them; for a signal that closes, what would still open something. */
final readonly class CancelPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $signal = $input->signal;
        $label = $signal->action === Action::Cancel && ! $signal->all ? $signal->label : null;
        $orders = match (true) {
            $label !== null => $input->workingWhere(static fn (WorkingOrder $order): bool => $order->hasLabel($label) && ! $order->role->protects()),
            $signal->action === Action::Flatten => $input->snapshot->working,
            $signal->action === Action::Cancel => $input->workingWhere(static fn (WorkingOrder $order): bool => ! $order->role->protects()),
            default => $input->opening(),
        };
        if ($orders === []) {
            return Planned::of($label === null ? 'nothing of this route is working' : "nothing of this route with the label “{$label}” is working");
        }

        return Planned::of(count($orders).' working '.(count($orders) === 1 ? 'order is' : 'orders are').' taken back')->cancelling($orders);
    }
}
