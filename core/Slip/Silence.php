<?php

declare(strict_types=1);

namespace Wexon\Core\Slip;

use DateTimeImmutable;

/** Whether an alert has been silent for longer than it usually is. */
final class Silence
{
    /** Messages that are needed before anything is usual. */
    private const FEWEST = 5;

    /** A silence of so many times the longest one so far is unusual. */
    private const FACTOR = 2;

    /**
     * @param  list<DateTimeImmutable>  $heard  Times of the last messages, in any order.
     * @return int|null Seconds that silences have lasted at most, when this one is unusual; null when it is not.
     */
    public static function unusual(array $heard, DateTimeImmutable $now): ?int
    {
        $times = array_map(static fn (DateTimeImmutable $time): int => $time->getTimestamp(), $heard);
        sort($times);
        if (count($times) < self::FEWEST) {
            return null;
        }
        $longest = 60;
        for ($i = 1; $i < count($times); $i++) {
            $longest = max($longest, $times[$i] - $times[$i - 1]);
        }

        return $now->getTimestamp() - $times[count($times) - 1] > self::FACTOR * $longest ? $longest : null;
    }
}
