<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Order\OrderRole;
use Wexon\Core\Sizing\Sizer;

/** More of what is held, by the size rule for adds, or by the route's if adds have none. */
final readonly class AddPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        $opening = $input->side->opening();
        $rule = $input->rules->adds->size ?? $input->rules->size;
        $terms = $input->terms($input->rules->entry, $opening);
        $sized = Sizer::size($rule, $input->sizing($opening, closesFirst: false, terms: $terms), $input->rules->caps, $input->held());
        $number = $input->snapshot->adds + 1;

        return Planned::of("add {$number}: {$sized->working}", ...$input->orders(OrderRole::Add, $input->rules->entry, $opening, $sized->units, $terms, $input->signal->label));
    }
}
