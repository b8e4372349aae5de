<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use RuntimeException;

/** A message that could not be understood: which field, what was found, what was expected. */
final class ReadingError extends RuntimeException
{
    private function __construct(
        public readonly string $field,
        public readonly string $found,
        public readonly string $expected,
    ) {
        parent::__construct("{$field}: found {$found}; expected {$expected}.");
    }

    public static function at(string $field, mixed $found, string $expected): self
    {
        return new self($field, self::shown($found), $expected);
    }

    public static function missing(string $field, string $expected): self
    {
        return new self($field, 'nothing', $expected);
    }

    private static function shown(mixed $found): string
    {
        $text = match (true) {
            is_string($found) => $found,
            is_array($found) => array_is_list($found) ? 'a list' : 'an object',
            default => (string) json_encode($found),
        };
        $text = mb_scrub($text, 'UTF-8');

        return is_array($found) ? $text : '“'.(mb_strlen($text) > 60 ? mb_substr($text, 0, 60).'…' : $text).'”';
    }
}
