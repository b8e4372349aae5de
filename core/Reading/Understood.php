<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

/** What a body turned out to be. */
final readonly class Understood
{
    /**
     * @param  list<string>  $notes
     * @param  list<Piece>  $pieces
     */
    private function __construct(
        /** "json", "pairs"; null when there is nothing in it that has a shape. */
        public ?string $format,
        /** What was done to its bytes. */
        public array $notes,
        /** One for each message in it; empty when it could not even be taken apart. */
        public array $pieces,
        /** Why it could not be taken apart. */
        public ?ReadingError $error,
    ) {}

    /**
     * @param  list<string>  $notes
     * @param  list<Piece>  $pieces
     */
    public static function of(string $format, array $notes, array $pieces): self
    {
        return new self($format, $notes, $pieces, null);
    }

    public static function nothing(ReadingError $error): self
    {
        return new self(null, [], [], $error);
    }
}
