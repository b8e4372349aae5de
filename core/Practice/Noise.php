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
     * @param  non-empty-list<int>  $times  Milliseconds; what lies between the same ends is worked out from them once.
     * @param  int  $period  Milliseconds, at most 2⁴².
     * @return non-empty-list<int> Between −ONE and ONE.
     */
    public static function along(int $seed, array $times, int $period): array
    {
        $last = null;
        $from = $to = 0;
        $along = [];
        foreach ($times as $time) {
            $cell = intdiv($time, $period);
            if ($cell !== $last) {
                $from = $cell - 1 === $last ? $to : self::value($seed, $cell);
                $to = self::value($seed, $cell + 1);
                $last = $cell;
            }
            $fraction = intdiv(($time - $cell * $period) * self::ONE, $period);
            $weight = ($fraction * $fraction * (3 * self::ONE - 2 * $fraction)) >> 40;
            $along[] = $from + ((($to - $from) * $weight) >> 20);
        }

        return $along;
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
