<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

use Wexon\Core\Signal\Side;

/** Which sides a route may hold. */
enum AllowedSides: string
{
    case Long = 'long';
    case Short = 'short';
    case Both = 'both';

    public function allow(Side $side): bool
    {
        return $this === self::Both || $this->value === $side->value;
    }

    /** The side that a bare signal may open while the route closes only on the opposite: short on a short-only route, else long. */
    public function home(): Side
    {
        return $this === self::Short ? Side::Short : Side::Long;
    }
}
