<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** A body whose shape has been told. */
final readonly class TakenApart
{
    /**
     * @param  non-empty-list<Document>  $documents
     * @param  list<string>  $notes
     */
    private function __construct(
        public string $format,
        public array $documents,
        /** What was done to its bytes. */
        public array $notes,
    ) {}

    /**
     * @param  non-empty-list<Document>  $documents
     * @param  list<string>  $notes
     */
    public static function of(string $format, array $documents, array $notes): self
    {
        return new self($format, $documents, $notes);
    }
}
