<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use LogicException;

/** Takes text apart. */
final class Split
{
    /**
     * @param  string  $pattern  A regular expression of ours.
     * @return list<string>
     */
    public static function by(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text);

        return $parts === false ? throw new LogicException("The text cannot be split by {$pattern}.") : $parts;
    }

    /**
     * @param  string  $pattern  A regular expression of ours.
     * @return list<string> Without the empty ones.
     */
    public static function nonEmpty(string $pattern, string $text): array
    {
        return array_values(array_filter(self::by($pattern, $text), static fn (string $part): bool => $part !== ''));
    }
}
