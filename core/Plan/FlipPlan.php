<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

/** All that is held, at market, then a position on the other side, with the money that the first gives back; with a pause between when the route wants one. */
final readonly class FlipPlan implements Plan
{
    public function tickets(PlanInput $input): Planned
    {
        return (new ExitPlan(now: true))->tickets($input)->then((new EnterPlan)->tickets($input)->later($input->rules->flipPause));
    }
}
