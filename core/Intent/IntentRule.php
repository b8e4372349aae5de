<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** One way in which a signal can carry its meaning. */
interface IntentRule
{
    /**
     * @param  Side|null  $held  The side that the account holds now; null when flat.
     * @return ResolvedIntent|null Null when the signal does not carry its meaning this way.
     */
    public function resolve(Signal $signal, RouteRules $rules, ?Side $held): ?ResolvedIntent;
}
