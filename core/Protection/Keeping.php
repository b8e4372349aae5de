<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

/** Where stop and targets of a position live. */
enum Keeping: string
{
    /** As orders at the venue, as far as it takes them; the rest is watched here. */
    case Venue = 'venue';
    /** Here alone: the venue sees nothing until they are reached. */
    case Watched = 'watched';
    /** Watched here, with a stop half as far again behind it at the venue, for when we are not there. */
    case Both = 'both';
}
