<?php

declare(strict_types=1);

namespace Wexon\Core\Practice;

/**
 * Smooth random values along time, worked out from a seed alone, in whole numbers: the same on every machine.
 *
 * Value noise: random values at the ends of each period, joined by the curve 3f² − 2f³.
 */
final class Noise
{
    /** A value of one, in the units of all results. */
    public const ONE = 1 << 20;

    /**
     * @param  int  $time  Milliseconds.
     * @param  int  $period  Milliseconds, at most 2⁴² .
     * @return int Between −ONE and ONE.
     */
    public static function at(int $seed, int $time, int $period): int
    {
        $cell = intdiv($time, $period);
        $fraction = intdiv(($time - $cell * $period) * self::ONE, $period);
        $from = self::value($seed, $cell);
        $to = self::value($seed, $cell + 1);
        $weight = ($fraction * $fraction * (3 * self::ONE - 2 * $fraction)) >> 40;

        return $from + ((($to - $from) * $weight) >> 20);
    }

    /** @return int Evenly spread between −ONE and ONE. */
    public static function value(int $seed, int $cell): int
    {
        return (self::mixed($seed, $cell) & 0x1FFFFF) - self::ONE;
    }

    /** @return int Evenly spread between 0 and 2³² − 1. */
    public static function mixed(int $seed, int $cell): int
    {
        $mixed = ($seed ^ ($cell & 0xFFFFFFFF) ^ (($cell >> 32) * 0x27D4EB2F)) & 0xFFFFFFFF;
        for ($round = 0; $round < 2; $round++) {
            $mixed = (($mixed ^ ($mixed >> 16)) * 0x45D9F3B) & 0xFFFFFFFF;
        }

        return ($mixed ^ ($mixed >> 16)) & 0xFFFFFFFF;
    }
}
