<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** One thing that goes wrong in the job, looked for before a route is armed. */
interface Check
{
    public function name(): string;

    /** @return list<Finding> Empty when there is nothing to say. */
    public function findings(RouteSeen $route): array;
}
