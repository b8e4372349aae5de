<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderStyle;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Signal\Action;
use Wexon\Core\Signal\Side;
use Wexon\Core\Sizing\SizeRefusal;

/**
 * All that is held, and nothing more. What the route still has working for this position is taken back before; orders
 * that signals placed by themselves stay, unless the signal flattens.
 */
final readonly class ExitPlan implements Plan
{
    /** @param  bool  $now  At market whatever the route's style, because something waits for it. */
    public function __construct(private bool $now = false) {}

    public function tickets(PlanInput $input): Planned
    {
        $held = $input->held();
        $instrument = $input->snapshot->instrument;
        $units = $instrument->roundSizeDown($held);
        if ($units->isLessThan($instrument->leastSize) || $units->isZero()) {
            throw new SizeRefusal("The position of {$held} is below the least order of {$instrument->name}, {$instrument->leastSize}: it cannot be closed by an order.");
        }
        $closing = ($input->snapshot->position->side() ?? Side::Long)->closing();
        $flattens = $input->signal->action === Action::Flatten;
        $style = $this->now || $flattens ? OrderStyle::market() : $input->rules->exit;
        $terms = $this->now || $flattens ? OrderTerms::market() : $input->terms($style, $closing);

        return Planned::of("the whole position of {$held} → {$units}", ...$input->orders(OrderRole::Exit, $style, $closing, $units, $terms))
            ->cancelling($input->workingWhere(static fn (WorkingOrder $order): bool => $flattens || $order->role !== OrderRole::Placed));
    }
}
