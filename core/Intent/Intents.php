<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use LogicException;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;

/** The intent rules in the order they are asked: a stated intent first, then the chart's position, then the route's choice. */
final class Intents
{
    public static function resolve(Signal $signal, RouteRules $rules, ?Side $held): ResolvedIntent
    {
        foreach ([new StatedIntent, new ChartPositionIntent, new BareIntent] as $rule) {
            $resolved = $rule->resolve($signal, $rules, $held);
            if ($resolved !== null) {
                return $resolved;
            }
        }

        throw new LogicException("No intent rule takes “{$signal}”.");
    }
}
