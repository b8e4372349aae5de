<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

/** What counts when the chart's own position and ours are not on the same side. */
enum Disagreement: string
{
    /** Ours: an exit, add or reduction of a position that we do not hold does nothing; a fresh entry or flip still counts. */
    case KeepOurs = 'keep_ours';
    /** The chart's: ours is brought to the chart's side. */
    case FollowChart = 'follow_chart';
}
