<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Preflight\SlipSeen;
use Wexon\Core\Route\OppositeSignal;

/** A position that nothing would ever close. */
final readonly class WayOutCheck implements Check
{
    public function name(): string
    {
        return 'way out';
    }

    public function findings(RouteSeen $route): array
    {
        $protection = $route->rules->protection;
        $looksAfter = $protection->stop !== null || $protection->targets !== [] || $protection->trail !== null || $protection->floor !== null || $protection->times !== null || ! $route->rules->whole->isEmpty();
        $closing = array_filter($route->slips, static fn (SlipSeen $slip): bool => $slip->closes());
        $opening = array_filter($route->slips, static fn (SlipSeen $slip): bool => $slip->opens());
        if (! $looksAfter && $closing === [] && ($opening !== [] || $route->rules->opposite === OppositeSignal::Ignore)) {
            $finding = Finding::mustFix($opening === []
                ? 'Nothing closes a position: there is neither stop nor target, and an opposite signal is ignored. Messages that say exit would; are there any?'
                : 'The slips only open positions, and there is neither stop, target nor time that would close them.');

            return [$route->rules->opposite === OppositeSignal::Ignore ? $finding->mendedBy('Let an opposite signal close', ['opposite' => OppositeSignal::CloseOnly->value]) : $finding];
        }

        return $protection->stop !== null || $protection->trail !== null ? [Finding::fine('A stop looks after each position.')]
            : [Finding::lookAgain('There is no stop: a position that goes wrong is only closed by '.($looksAfter ? 'what else looks after it, or ' : '').'a signal.')];
    }
}
