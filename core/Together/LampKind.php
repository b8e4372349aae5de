<?php

declare(strict_types=1);

namespace Wexon\Core\Together;

enum LampKind: string
{
    /** True for a while. */
    case Pulse = 'pulse';
    /** True until the opposite comes. */
    case State = 'state';
}
