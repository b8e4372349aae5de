<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/**
 * What a message asks for, before it is held against any position.
 *
 * Most say what they mean; a bare buy or sell gets its meaning from the chart's position or, without one, from the route.
 */
enum Action: string
{
    case Enter = 'enter';
    case Add = 'add';
    case Exit = 'exit';
    case Flip = 'flip';
    /** Bring the position to a size. */
    case Set = 'set';
    /** A resting order. */
    case Place = 'place';
    /** Take one resting order back, or all. */
    case Cancel = 'cancel';
    /** Move stop, targets or trailing. */
    case Protect = 'protect';
    /** Close whatever there is, of one symbol or of all. */
    case Flatten = 'flatten';
    case Buy = 'buy';
    case Sell = 'sell';

    /** @return list<string> */
    public static function words(): array
    {
        return array_column(self::cases(), 'value');
    }

    public function isBare(): bool
    {
        return $this === self::Buy || $this === self::Sell;
    }

    /** The side that a bare buy or sell leans to; null for the others. */
    public function leaning(): ?Side
    {
        return match ($this) {
            self::Buy => Side::Long,
            self::Sell => Side::Short,
            default => null,
        };
    }

    /** True when a message that does not name a symbol is about all of them. */
    public function canBeAboutAll(): bool
    {
        return $this === self::Cancel || $this === self::Flatten;
    }
}
