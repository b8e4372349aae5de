<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * What a price did over a while, as a study looks at it. Numbers are floats here, and only here: studies are averages of
 * prices, and nothing that is paid or owed comes out of them (docs/decisions/studies-in-floats.md).
 */
final readonly class Candle
{
    public function __construct(
        /** When it began, in milliseconds since 1970. */
        public int $at,
        public float $open,
        public float $high,
        public float $low,
        public float $close,
        /** Units traded; 0 where nobody counts them. */
        public float $volume = 0.0,
    ) {}

    /** The middle of its high and low. */
    public function middle(): float
    {
        return ($this->high + $this->low) / 2;
    }

    /** The average of its high, low and close. */
    public function typical(): float
    {
        return ($this->high + $this->low + $this->close) / 3;
    }

    /** How far the price went, a gap from the close before included. J. W. Wilder, New Concepts in Technical Trading Systems, 1978. */
    public function trueRange(?float $closeBefore): float
    {
        return $closeBefore === null ? $this->high - $this->low : max($this->high, $closeBefore) - min($this->low, $closeBefore);
    }
}
