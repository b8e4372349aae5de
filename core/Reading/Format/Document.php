<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** One message taken apart as far as its shape tells, before anybody says what its parts mean. */
final readonly class Document
{
    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $notes
     */
    private function __construct(
        /** The text of this message alone. */
        public string $text,
        /** By key for objects, pairs and forms, by position for separated values; empty for a phrase. Numbers are text. */
        public array $values,
        /** What had to be mended to read it. */
        public array $notes,
    ) {}

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $notes
     */
    public static function of(string $text, array $values = [], array $notes = []): self
    {
        return new self($text, $values, $notes);
    }
}
