<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/** What the number of a distance counts. */
enum DistanceKind: string
{
    /** Percent of the price it is measured from. */
    case Percent = 'percent';
    /** Price units away. */
    case Price = 'price';
    /** The instrument's smallest price steps. */
    case Ticks = 'ticks';
    /** The venue's points. */
    case Points = 'points';
    /** Multiples of the distance to the stop. */
    case Risk = 'risk';
    /** No distance: the price itself. */
    case At = 'at';

    /** How the kind is written behind the number; a price stands behind an @ instead. */
    public function mark(): string
    {
        return match ($this) {
            self::Percent => '%',
            self::Price => 'away',
            self::Ticks => 'ticks',
            self::Points => 'points',
            self::Risk => 'x',
            self::At => '',
        };
    }
}
