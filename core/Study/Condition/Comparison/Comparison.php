<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Comparison;

/** A way to compare a left value with a right one, over the last candles. */
interface Comparison
{
    /** @param  non-empty-list<array{float, float}>  $seen  Left and right of up to three candles, the newest last. */
    public function holds(array $seen): bool;

    /** Whether there is a right operand; else the left one is compared with itself. */
    public function needsRight(): bool;
}
