<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

/** How one step, or a whole decision, came out. */
enum Verdict: string
{
    /** Goes on; for a decision: there are orders to send. */
    case Pass = 'pass';
    /** A rule says no. */
    case Refuse = 'refuse';
    /** Neither yes nor no yet: it waits for a place, or for somebody to say. */
    case Hold = 'hold';
    /** Nothing to do, and that is as it should be. */
    case Nothing = 'nothing';
}
