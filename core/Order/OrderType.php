<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

/** How an order gets its price. */
enum OrderType: string
{
    /** At whatever the venue gives now. */
    case Market = 'market';
    /** At its limit or better; rests until then. */
    case Limit = 'limit';
    /** At market, once the trigger price is reached. */
    case Stop = 'stop';
    /** As a limit order, once the trigger price is reached. */
    case StopLimit = 'stop_limit';

    public function hasLimit(): bool
    {
        return $this === self::Limit || $this === self::StopLimit;
    }

    public function hasTrigger(): bool
    {
        return $this === self::Stop || $this === self::StopLimit;
    }

    /** "stop-limit" */
    public function words(): string
    {
        return str_replace('_', '-', $this->value);
    }
}
