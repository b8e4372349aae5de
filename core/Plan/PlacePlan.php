<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Decision\Ticket;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Signal\Side;
use Wexon\Core\Sizing\Sizer;

/**
 * A resting order of its own. One with the same label that is working is taken back first, or left when it is the same.
 *
 * On a side that the route or the instrument cannot open it may only make the position smaller: so a grid that goes long
 * only can rest its sells.
 */
final readonly class PlacePlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $signal = $input->signal;
        $side = $input->side->opening();
        $instrument = $input->snapshot->instrument;
        $terms = $input->terms($input->rules->entry, $side);
        if (! $terms->rests()) {
            throw new OrderRefusal('A resting order needs a time in force that lets it rest: change that of the route\'s entries.');
        }
        $reduces = $this->reduces($input);
        if ($reduces && $input->snapshot->position->side() !== $input->side->opposite()) {
            throw new OrderRefusal("A resting {$side->value} can only close here, and no {$input->side->opposite()->value} is held that it could close.");
        }
        $held = $input->snapshot->position->side() === $input->side ? $input->held() : null;
        $sized = Sizer::size($input->rules->size, $input->sizing($side, closesFirst: false, terms: $terms), $input->rules->caps, $held, $reduces);
        $ticket = Ticket::of(OrderRole::Placed, $instrument->name, $side, $sized->units, $terms, $reduces, $signal->label);
        $earlier = $input->workingWhere(static fn (WorkingOrder $order): bool => $order->hasLabel($signal->label));
        $isSame = static fn (WorkingOrder $order): bool => $order->side === $side && $order->quantity->isEqualTo($ticket->quantity) && $order->terms->isSameAs($terms);
        if (count($earlier) === 1 && $isSame($earlier[0])) {
            return Planned::of("{$earlier[0]} is working already, as it should be");
        }

        return Planned::of($sized->working, $ticket)->cancelling($earlier);
    }

    private function reduces(PlanInput $input): bool
    {
        return ! $input->rules->sides->allow($input->side) || ($input->side === Side::Short && ! $input->snapshot->instrument->kind->canBeShort());
    }
}
