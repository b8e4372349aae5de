<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

enum Level: string
{
    /** It will not do what it should. */
    case MustFix = 'must_fix';
    /** It may be meant so; somebody should look again. */
    case LookAgain = 'look_again';
    case Fine = 'fine';
}
