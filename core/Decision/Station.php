<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

/** Where a signal stands on its way to an order. */
enum Station: string
{
    case Read = 'read';
    case Match = 'match';
    case Intent = 'intent';
    case Guard = 'guard';
    case Size = 'size';
    case Plan = 'plan';
    case Protect = 'protect';
}
