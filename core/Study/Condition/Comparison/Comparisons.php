<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Comparison;

/** All comparisons, by name. */
final class Comparisons
{
    /** @return array<string, Comparison> */
    public static function all(): array
    {
        return [
            'is_above' => new IsAway(1),
            'is_below' => new IsAway(-1),
            'crosses_up' => new Crosses(1),
            'crosses_down' => new Crosses(-1),
            'turns_up' => new Turns(1),
            'turns_down' => new Turns(-1),
        ];
    }
}
