<?php

declare(strict_types=1);

namespace Wexon\Core\Instrument;

enum InstrumentKind: string
{
    /** Bought with money that is there; cannot be sold short. */
    case Spot = 'spot';
    /** A contract without expiry, held on margin, long or short. */
    case Perpetual = 'perpetual';
    /** Two currencies, traded on margin in lots, long or short. */
    case Pair = 'pair';
    /** A company's share; sold short where the venue can lend it. */
    case Share = 'share';

    public function canBeShort(): bool
    {
        return $this !== self::Spot;
    }

    /** What a size of it counts: "lots". */
    public function unit(): string
    {
        return match ($this) {
            self::Pair => 'lots',
            self::Share => 'shares',
            default => 'units',
        };
    }
}
