<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Comparison;

/** The left goes the one way now and did not on the candle before. */
final readonly class Turns implements Comparison
{
    /** @param  1|-1  $sign */
    public function __construct(private int $sign) {}

    public function holds(array $seen): bool
    {
        if (count($seen) < 3) {
            return false;
        }
        [[$first], [$second], [$third]] = array_slice($seen, -3);

        return ($third <=> $second) === $this->sign && ($second <=> $first) !== $this->sign;
    }

    public function needsRight(): bool
    {
        return false;
    }
}
