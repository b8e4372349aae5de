<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

/** What Wexon does by itself when a loss has reached its limit, beside refusing entries. */
enum AtLimit: string
{
    case Refuse = 'refuse';
    /** The route is paused, the account is halted. */
    case Pause = 'pause';
    /** And what is open is closed. */
    case Flatten = 'flatten';
}
