<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

/** What a route does with a signal while the venue is closed. */
enum WhenClosed: string
{
    /** Nothing goes out. */
    case Refuse = 'refuse';
    /** What closes something goes out at the opening, flips too; a fresh entry or add is refused. */
    case QueueExits = 'queue_exits';
    /** Everything goes out at the opening. */
    case Queue = 'queue';
}
