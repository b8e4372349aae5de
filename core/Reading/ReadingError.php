<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use RuntimeException;

/** A message that could not be understood: which field, what was found, what was expected, and what would have done. */
final class ReadingError extends RuntimeException
{
    private const LONGEST = 60;

    private function __construct(
        public readonly string $field,
        public readonly string $found,
        public readonly string $expected,
        /** A value that would have been taken. */
        public readonly ?string $nearest,
    ) {
        parent::__construct("{$field}: found {$found}; expected {$expected}.".($nearest === null ? '' : " Did you mean “{$nearest}”?"));
    }

    public static function at(string $field, mixed $found, string $expected, ?string $nearest = null): self
    {
        return new self($field, self::shown($found), $expected, $nearest);
    }

    public static function missing(string $field, string $expected): self
    {
        return new self($field, 'nothing', $expected, null);
    }

    /** The same about a field of another name: “side” read from the message's “direction”. */
    public function from(string $field, string $source): self
    {
        return new self($field, "{$this->found} ({$source})", $this->expected, $this->nearest);
    }

    private static function shown(mixed $found): string
    {
        $text = match (true) {
            is_string($found) => $found,
            is_array($found) => array_is_list($found) ? 'a list' : 'an object',
            default => (string) json_encode($found),
        };
        $text = mb_scrub($text, 'UTF-8');

        return is_array($found) ? $text : '“'.(mb_strlen($text) > self::LONGEST ? mb_substr($text, 0, self::LONGEST).'…' : $text).'”';
    }
}
