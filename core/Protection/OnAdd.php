<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

/** What adding to a position does to its stop and targets. */
enum OnAdd: string
{
    /** They are worked out anew from the new average. */
    case Recompute = 'recompute';
    /** They stay where they are. */
    case Leave = 'leave';
}
