<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use Wexon\Core\Reading\Format\Document;
use Wexon\Core\Signal\Signal;

/** One message of a body: its signal, or why there is none. */
final readonly class Piece
{
    private function __construct(
        public Document $document,
        public ?Signal $signal,
        public ?ReadingError $error,
    ) {}

    public static function read(Document $document, Signal $signal): self
    {
        return new self($document, $signal, null);
    }

    public static function unreadable(Document $document, ReadingError $error): self
    {
        return new self($document, null, $error);
    }
}
