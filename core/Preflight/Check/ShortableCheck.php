<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Route\AllowedSides;
use Wexon\Core\Signal\Side;

/** Short selling of what cannot be sold short. */
final readonly class ShortableCheck implements Check
{
    public function name(): string
    {
        return 'short';
    }

    public function findings(RouteSeen $route): array
    {
        if (! $route->rules->sides->allow(Side::Short)) {
            return [];
        }
        $names = [];
        foreach ($route->legs() as [$account, , $snapshot]) {
            if (! $snapshot->instrument->shortable) {
                $names["{$snapshot->instrument->name} on “{$account->name}”"] = true;
            }
        }
        $words = implode(', ', array_keys($names));

        return $names === [] ? [] : [$route->rules->sides->allow(Side::Long)
            ? Finding::mustFix("Short is allowed, but cannot be sold short: {$words}.")->mendedBy('Trade long only', ['sides' => AllowedSides::Long->value])
            : Finding::mustFix("The route trades short only, but cannot be sold short: {$words}.")];
    }
}
