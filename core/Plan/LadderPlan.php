<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Ladder\Ladder;
use Wexon\Core\Ladder\Rung;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Sizing\SizeRefusal;

/** The adds that a route plans with its entry: limit orders against the position, resting or kept back until the price is there; paid for as a whole or not placed at all. */
final readonly class LadderPlan
{
    public function __construct(private Ladder $ladder) {}

    /**
     * @param  OrderTerms  $entry  The entry's, whose price all distances are measured from.
     *
     * @throws SizeRefusal If a level is too small, or all of them together are too dear.
     * @throws OrderRefusal If a level would not lie above zero, or the venue takes no limit orders.
     */
    public function adds(PlanInput $input, OrderTerms $entry, BigDecimal $units): Planned
    {
        if (! $input->snapshot->abilities->takes(OrderType::Limit)) {
            throw new OrderRefusal('Planned adds are limit orders, and the venue takes none: take the ladder out of the route.');
        }
        $side = $input->side->opening();
        $sizing = $input->sizing($side, closesFirst: true, terms: $entry);
        $rungs = $this->ladder->rungs($input->limitAt($side), $sizing->price, $units, $sizing, $input->rules->caps);
        $last = $rungs[array_key_last($rungs)];
        if ($last->money->isGreaterThan($sizing->spendable)) {
            $affordable = count(array_filter($rungs, static fn (Rung $rung): bool => $rung->level > 0 && $rung->money->isLessThanOrEqualTo($sizing->spendable)));
            throw new SizeRefusal("The entry and its {$last->level} planned adds need {$last->money} {$sizing->balance->currency}, but only {$sizing->spendable->toScale(2, RoundingMode::DOWN)} {$sizing->balance->currency} may be bound: {$affordable} adds are possible.");
        }
        $kind = $this->ladder->watched ? 'watched' : 'planned';
        $planned = Planned::of("with {$last->level} {$kind} adds: {$last->total} {$input->snapshot->instrument->kind->unit()}, {$last->money} {$sizing->balance->currency} in all".($last->level < $this->ladder->levels ? ", {$last->level} of {$this->ladder->levels} levels because of the cap per position" : ''));
        foreach (array_slice($rungs, 1) as $rung) {
            $add = Ticket::of(OrderRole::Add, $input->snapshot->instrument->name, $side, $rung->units, OrderTerms::of($rung->price, null), label: "add {$rung->level}");
            $planned = $planned->then(Planned::of('', $this->ladder->watched ? $add->watched() : $add));
        }

        return $planned->withLadder($rungs);
    }
}
