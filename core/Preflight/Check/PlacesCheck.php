<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight\Check;

use DateTimeImmutable;
use Wexon\Core\Preflight\Finding;
use Wexon\Core\Preflight\RouteSeen;

/** More symbols than places, and a window that is shorter than the time between two signals. */
final readonly class PlacesCheck implements Check
{
    public function name(): string
    {
        return 'places';
    }

    public function findings(RouteSeen $route): array
    {
        $findings = [];
        $places = $route->rules->guards->positions;
        $legs = count($route->rules->legs);
        if ($places !== null && $legs > $places) {
            $findings[] = Finding::lookAgain("{$legs} symbols share {$places} ".($places === 1 ? 'place' : 'places').': whoever comes first gets them.')->mendedBy("A place for each: {$legs}", ['guards' => ['positions' => $legs] + $route->rules->guards->toArray()]);
        }
        $window = $route->rules->guards->window;
        $opens = $window?->opensAt($route->now);
        $ends = $opens === null ? null : $window->endsAt($opens);
        $length = $opens === null || ! $ends instanceof DateTimeImmutable ? null : $ends->getTimestamp() - $opens->getTimestamp();
        $gap = $route->heard->usualGap();
        if ($length !== null && $gap !== null && $gap > $length) {
            $findings[] = Finding::lookAgain("The window is {$length} s long, but signals come {$gap} s apart: a bar may end outside of it every time.");
        }

        return $findings;
    }
}
