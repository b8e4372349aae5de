<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Comparison;

/** The left is on the one side of the right now and was not on the candle before: it becomes true, for one candle. */
final readonly class Crosses implements Comparison
{
    /** @param  1|-1  $sign */
    public function __construct(private int $sign) {}

    public function holds(array $seen): bool
    {
        if (count($seen) < 2) {
            return false;
        }
        [[$leftBefore, $rightBefore], [$left, $right]] = array_slice($seen, -2);

        return ($left <=> $right) === $this->sign && ($leftBefore <=> $rightBefore) !== $this->sign;
    }

    public function needsRight(): bool
    {
        return true;
    }
}
