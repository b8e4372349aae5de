<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

/** How long an order may wait for its price. */
enum TimeInForce: string
{
    /** Good till cancelled. */
    case Gtc = 'gtc';
    /** Until the venue closes. */
    case Day = 'day';
    /** Immediate or cancel: what cannot be filled at once is taken back. */
    case Ioc = 'ioc';
    /** Fill or kill: all at once, or nothing. */
    case Fok = 'fok';

    /** "day", "GTC" */
    public function words(): string
    {
        return $this === self::Day ? 'day' : strtoupper($this->value);
    }

    /** Whether something of it can be left working at the venue. */
    public function rests(): bool
    {
        return $this === self::Gtc || $this === self::Day;
    }
}
