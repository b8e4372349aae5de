<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Depth;
use Wexon\Core\Practice\PricePath;

/** The prices of an instrument along its path; they stand still while it is closed. */
final class Listing
{
    /**
     * @param  int  $spread  In ticks.
     * @param  string  $firstLevel  Value that the best price holds, in the quote currency.
     * @param  int  $time  Milliseconds since 1970.
     */
    public static function depth(Instrument $instrument, PricePath $path, int $spread, string $firstLevel, int $time): Depth
    {
        $moment = Clock::moment($time);
        $moment = $instrument->hours?->lastOpen($moment) ?? $moment;

        return Depth::around($instrument, $path->at(PracticeClock::shared()->at((int) $moment->format('Uv'))), $spread, $firstLevel, $moment);
    }
}
