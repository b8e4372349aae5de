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

    /**
     * When a day is over, in UTC.
     *
     * @param  string  $day  As 2026-12-31.
     * @return int|null Milliseconds since 1970; null if there is no such day.
     */
    public static function endOf(string $day): ?int
    {
        $end = strtotime("{$day} 24:00 UTC");

        return $end === false ? null : $end * 1000;
    }

    /** @param  int  $time  Milliseconds since 1970. */
    public static function iso(int $time): string
    {
        return self::moment($time)->format('Y-m-d\TH:i:s.v\Z');
    }

    /** @param  int  $time  Milliseconds since 1970. */
    public static function moment(int $time): DateTimeImmutable
    {
        return new DateTimeImmutable(self::stampOf($time).' UTC');
    }
}
