<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

/** The word among the known ones that somebody may have meant. */
final class Nearest
{
    private const LONGEST = 60;

    /**
     * @param  list<string>  $known
     * @param  int  $farthest  Letters that may differ.
     */
    public static function of(string $word, array $known, int $farthest = 2): ?string
    {
        $nearest = null;
        $least = $farthest + 1;
        $word = self::folded($word);
        foreach ($known as $candidate) {
            $distance = levenshtein($word, self::folded($candidate));
            if ($distance < $least && $distance < strlen($candidate)) {
                $least = $distance;
                $nearest = $candidate;
            }
        }

        return $nearest ?? self::within($word, $known);
    }

    /** @param  list<string>  $known */
    private static function within(string $word, array $known): ?string
    {
        foreach ($known as $candidate) {
            $folded = self::folded($candidate);
            if (strlen($folded) >= 3 && str_contains($word, $folded)) {
                return $candidate;
            }
        }

        return null;
    }

    private static function folded(string $word): string
    {
        return strtolower(substr(trim($word), 0, self::LONGEST));
    }
}
