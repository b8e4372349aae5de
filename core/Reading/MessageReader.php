<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use Wexon\Core\Profile\Placeholders;
use Wexon\Core\Reading\Format\Document;
use Wexon\Core\Reading\Format\Formats;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Reading\Mapping\Reading;
use Wexon\Core\Signal\Signal;

/**
 * Understands a body: tells its shape, takes it apart into messages, and reads each.
 *
 * A JSON object that says “do” and has no field but ours is in our format, whatever the inlet's reading; so is a line that
 * begins with what to do and has one of our clauses. Everything else goes by the reading, if there is one.
 */
final readonly class MessageReader
{
    private function __construct(
        private ?Reading $reading,
        private Placeholders $placeholders,
    ) {}

    public static function of(?Reading $reading, Placeholders $placeholders): self
    {
        return new self($reading, $placeholders);
    }

    public function read(string $body, ?string $contentType = null): Understood
    {
        try {
            $apart = Formats::takeApart($body, $contentType);
        } catch (ReadingError $error) {
            return Understood::nothing($error);
        }
        $pieces = array_map($this->piece(...), $apart->documents, array_fill(0, count($apart->documents), $apart->format));

        return Understood::of($apart->format, $apart->notes, $pieces);
    }

    private function piece(Document $document, string $format): Piece
    {
        try {
            $unfilled = $this->placeholders->firstIn($document->text);
            if ($unfilled !== null) {
                throw ReadingError::at('message', $unfilled, 'a value; this is a placeholder that the charting platform did not fill in');
            }

            return Piece::read($document, $this->signal($document, $format));
        } catch (ReadingError $error) {
            return Piece::unreadable($document, $error);
        }
    }

    /** @throws ReadingError */
    private function signal(Document $document, string $format): Signal
    {
        if (WexonMessage::isMeant($document->values)) {
            return WexonMessage::fromArray($document->values);
        }
        if ($this->reading === null) {
            return $this->own($document, $format);
        }

        // “exit long 2” may be a phrase of the trader's; “exit long MARL/USD limit @38.2” is ours.
        return $format === 'line' && LineReader::hasClause($document->text) ? LineReader::read($document->text) : $this->reading->read($document);
    }

    /** @throws ReadingError */
    private function own(Document $document, string $format): Signal
    {
        if ($document->text[0] === '{' && $document->values === []) {
            // Meant as JSON, and beyond mending: say where it breaks.
            ExactJson::decode($document->text);
        }

        return match (true) {
            $format === 'line' => LineReader::read($document->text),
            $format === 'json' && ! array_is_list($document->values) => WexonMessage::fromArray($document->values),
            default => throw ReadingError::at('message', $document->text, 'a message in Wexon\'s own form; teach Wexon this shape with a reading'),
        };
    }
}
