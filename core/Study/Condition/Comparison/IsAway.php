<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Comparison;

/** The left lies above the right, or below it: true for as long as it does. */
final readonly class IsAway implements Comparison
{
    /** @param  1|-1  $sign */
    public function __construct(private int $sign) {}

    public function holds(array $seen): bool
    {
        [$left, $right] = $seen[count($seen) - 1];

        return ($left <=> $right) === $this->sign;
    }

    public function needsRight(): bool
    {
        return true;
    }
}
