<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Sizing\SizeRefusal;

/** How one intent becomes tickets. */
interface Plan
{
    /** @throws SizeRefusal If there is no size that can be traded. */
    public function tickets(PlanInput $input): Planned;
}
