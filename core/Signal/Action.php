<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/**
 * What a message asks for, before it is held against any position.
 *
 * Enter, exit and flip say what they mean; a bare buy or sell gets its meaning from the chart's position or, without
 * one, from the route.
 */
enum Action: string
{
    case Enter = 'enter';
    case Exit = 'exit';
    case Flip = 'flip';
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
}
