<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use DateTimeImmutable;
use DateTimeZone;

/** Times as messages write them. */
final class Times
{
    private const ISO = '/^\d{4}-\d\d-\d\d(?:[T ]\d\d:\d\d(?::\d\d(?:\.\d{1,9})?)?)?\s?(?:Z|UTC|[+-]\d\d:?\d\d)?$/i';

    /** From here on a count since 1970 is one of milliseconds. */
    private const MILLISECONDS_FROM = 100_000_000_000;

    /** ISO 8601, UTC when it names no zone; or seconds or milliseconds since 1970. Null when it is neither. */
    public static function read(string $text): ?DateTimeImmutable
    {
        $text = trim($text);
        if (preg_match('/^\d{9,14}(?:\.\d{1,9})?$/', $text) === 1) {
            return self::since1970($text, (float) $text >= self::MILLISECONDS_FROM);
        }
        $utc = new DateTimeZone('UTC');
        $time = preg_match(self::ISO, $text) === 1 ? date_create_immutable(strtoupper($text), $utc) : false;

        return $time === false ? null : $time->setTimezone($utc);
    }

    /** Null when it is no plain number. */
    public static function since1970(string $count, bool $milliseconds): ?DateTimeImmutable
    {
        if (preg_match('/^(\d{1,14})(?:\.(\d{1,9}))?$/', trim($count), $found) !== 1) {
            return null;
        }
        $micro = substr(str_pad($found[2] ?? '', 6, '0'), 0, 6);
        $whole = (int) $found[1];
        if ($milliseconds) {
            $micro = sprintf('%03d%s', $whole % 1000, substr($micro, 0, 3));
            $whole = intdiv($whole, 1000);
        }
        $time = DateTimeImmutable::createFromFormat('U.u', "{$whole}.{$micro}", new DateTimeZone('UTC'));

        return $time === false ? null : $time;
    }
}
