<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

/** What stands behind a position with borrowed money. */
enum MarginKind: string
{
    /** The margin of the position alone. */
    case Isolated = 'isolated';
    /** All the money of the account. */
    case Cross = 'cross';
}
