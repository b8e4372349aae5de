<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/** The direction of an order or a fill. */
enum OrderSide: string
{
    case Buy = 'buy';
    case Sell = 'sell';

    /** +1 for buy, −1 for sell. */
    public function sign(): int
    {
        return $this === self::Buy ? 1 : -1;
    }

    public function position(): Side
    {
        return $this === self::Buy ? Side::Long : Side::Short;
    }
}
