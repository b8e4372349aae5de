<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Sizing\SizeRefusal;

/** How one intent becomes tickets. */
interface Plan
{
    /**
     * @throws SizeRefusal If there is no size that can be traded.
     * @throws OrderRefusal If there is no price to be had, or the venue takes no such orders.
     */
    public function tickets(PlanInput $input): Planned;
}
