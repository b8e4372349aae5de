<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

/** What a bare buy or sell against the position does, when the message does not give the chart's own position. */
enum OppositeSignal: string
{
    /** Closes the position and opens nothing. */
    case CloseOnly = 'close_only';
    /** Closes the position and opens the other side. */
    case CloseAndReverse = 'close_and_reverse';
    /** Leaves the position as it is. */
    case Ignore = 'ignore';

    public function words(): string
    {
        return match ($this) {
            self::CloseOnly => 'close only',
            self::CloseAndReverse => 'close and reverse',
            self::Ignore => 'ignore',
        };
    }
}
