<?php

declare(strict_types=1);

namespace Standin\Exchange;

/** A way to misbehave, asked for by a test. */
enum Fault: string
{
    /** Waits, then answers as usual. */
    case Slow = 'slow';
    /** Does what was asked, then waits longer than the client will. */
    case TimeoutAfterAccepting = 'timeout_after_accepting';
    /** Says no. */
    case Refuse = 'refuse';
    /** Says that there were too many requests. */
    case Busy = 'busy';
    /** Fails before anything is done. */
    case Error = 'error';
    /** Does what was asked, then answers as if it had failed. */
    case ErrorAfterAccepting = 'error_after_accepting';
    /** Closes the connection before anything is done. */
    case Drop = 'drop';
    /** Does what was asked, then closes the connection without an answer. */
    case DropAfterAccepting = 'drop_after_accepting';

    public function actsFirst(): bool
    {
        return in_array($this, [self::TimeoutAfterAccepting, self::ErrorAfterAccepting, self::DropAfterAccepting], true);
    }
}
