<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

/** What the number of an offset counts. */
enum OffsetUnit: string
{
    case Ticks = 'ticks';
    case Percent = 'percent';
}
