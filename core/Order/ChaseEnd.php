<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

/** What becomes of an order that went after the market in vain. */
enum ChaseEnd: string
{
    case Market = 'market';
    case GiveUp = 'give_up';
}
