<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

/** What put a stop where it is; it is the reason of the exit when it is reached. */
enum StopReason: string
{
    case Stop = 'stop';
    case BreakEven = 'break-even';
    case Trail = 'trail';
    case Floor = 'floor';
    case Hand = 'by hand';
}
