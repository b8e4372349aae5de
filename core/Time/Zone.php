<?php

declare(strict_types=1);

namespace Wexon\Core\Time;

use DateTimeZone;
use InvalidArgumentException;

/** A time zone by its name, such as Europe/Oslo: no offsets, no abbreviations, as those know nothing of clocks that change. */
final class Zone
{
    private const USUAL = 'UTC';

    /** @throws InvalidArgumentException If there is none of that name. */
    public static function of(string $name): DateTimeZone
    {
        // Most rules have no zone of their own, and the list of all is long.
        if ($name !== self::USUAL && ! in_array($name, timezone_identifiers_list(), true)) {
            throw new InvalidArgumentException("There is no time zone “{$name}”.");
        }

        return new DateTimeZone($name);
    }
}
