<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

/** What a signal means for one account, once its position is known. */
enum Intent: string
{
    case Enter = 'enter';
    case Exit = 'exit';
    case Flip = 'flip';
    /** The chart's script made its position larger. */
    case Add = 'add';
    /** The chart's script made its position smaller, but kept some. */
    case Reduce = 'reduce';
    /** Bring the position to a size. */
    case Set = 'set';
    /** A resting order. */
    case Place = 'place';
    /** Take resting orders back. */
    case Cancel = 'cancel';
    /** Move stop, targets or trailing. */
    case Protect = 'protect';
    /** There is nothing to do, and that is as it should be. */
    case Nothing = 'nothing';

    public function opens(): bool
    {
        return in_array($this, [self::Enter, self::Flip, self::Add, self::Set], true);
    }
}
