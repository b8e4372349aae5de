<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/** The direction of a position. */
enum Side: string
{
    case Long = 'long';
    case Short = 'short';

    public function opposite(): self
    {
        return $this === self::Long ? self::Short : self::Long;
    }

    /** What opens a position of this side. */
    public function opening(): OrderSide
    {
        return $this === self::Long ? OrderSide::Buy : OrderSide::Sell;
    }

    /** What closes a position of this side. */
    public function closing(): OrderSide
    {
        return $this->opposite()->opening();
    }
}
