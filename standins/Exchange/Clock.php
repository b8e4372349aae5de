<?php

declare(strict_types=1);

namespace Standin\Exchange;

use DateTimeImmutable;

/** The venues' time. */
final class Clock
{
    /** Milliseconds since 1970. */
    public static function milliseconds(): int
    {
        return (int) (microtime(true) * 1000);
    }

    /** @param  int  $time  Milliseconds since 1970. */
    public static function stampOf(int $time): string
    {
        return gmdate('Y-m-d H:i:s', intdiv($time, 1000)).sprintf('.%03d000', $time % 1000);
    }

    /** @param  int  $time  Milliseconds since 1970. */
    public static function moment(int $time): DateTimeImmutable
    {
        return new DateTimeImmutable(self::stampOf($time).' UTC');
    }
}
