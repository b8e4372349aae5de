<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

enum RouteState: string
{
    /** Being written; takes nothing. */
    case Draft = 'draft';
    /** Takes every signal. */
    case Armed = 'armed';
    /** Takes nothing until it is armed again. */
    case Paused = 'paused';
    /** Takes what closes, starts nothing new. */
    case WindingDown = 'winding_down';

    public function words(): string
    {
        return match ($this) {
            self::Draft => 'a draft',
            self::Armed => 'armed',
            self::Paused => 'paused',
            self::WindingDown => 'winding down',
        };
    }
}
