<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Sizing\Sizer;

/** A position by the route's size rule. An entry of the same side that is working already stays; one of the other side is taken back. */
final readonly class EnterPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $opening = $input->side->opening();
        $same = $input->workingWhere(static fn (WorkingOrder $order): bool => $order->role === OrderRole::Entry && $order->side === $opening);
        if ($same !== []) {
            return Planned::of("an entry is working already, {$same[0]}: a second one is not an add");
        }
        $terms = $input->terms($input->rules->entry, $opening);
        $sized = Sizer::size($input->rules->size, $input->sizing($opening, closesFirst: true, terms: $terms, asked: $input->signal->heldAfter()), $input->rules->caps);

        $entry = Planned::of($sized->working, ...$input->orders(OrderRole::Entry, $input->rules->entry, $opening, $sized->units, $terms, $input->signal->label));
        $planned = $input->rules->ladder === null ? $entry : $entry->then((new LadderPlan($input->rules->ladder))->adds($input, $terms, $sized->units));

        return $planned->cancelling($input->opening());
    }
}
