<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

/** Why no route took a symbol, and which one it may have meant. */
final class NearestSymbol
{
    private const LONGEST = 60;

    /** @param  array<string, string>  $known Symbol => name of the route that takes it. */
    public static function sentence(string $symbol, array $known): string
    {
        if ($known === []) {
            return "No route takes messages of this inlet yet: make one for {$symbol}.";
        }
        $nearest = null;
        $least = PHP_INT_MAX;
        foreach (array_keys($known) as $candidate) {
            $distance = levenshtein(self::shortened($symbol), self::shortened($candidate));
            if ($distance < $least) {
                $least = $distance;
                $nearest = $candidate;
            }
        }

        return "No route of this inlet takes {$symbol}; the nearest is {$nearest}, taken by “{$known[$nearest]}”.";
    }

    private static function shortened(string $symbol): string
    {
        return strtoupper(substr($symbol, 0, self::LONGEST));
    }
}
