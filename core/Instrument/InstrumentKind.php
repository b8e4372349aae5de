<?php

declare(strict_types=1);

namespace Wexon\Core\Instrument;

enum InstrumentKind: string
{
    /** Bought with money that is there; cannot be sold short. */
    case Spot = 'spot';
    /** A contract without expiry, held on margin, long or short. */
    case Perpetual = 'perpetual';

    public function canBeShort(): bool
    {
        return $this !== self::Spot;
    }
}
