<?php

namespace App\Reading;

use App\Dispatch\Readers;
use Wexon\Core\Reading\Line\LineWriter;
use Wexon\Core\Reading\Mapping\FieldTrace;
use Wexon\Core\Reading\Mapping\Reading;
use Wexon\Core\Reading\Piece;
use Wexon\Core\Reading\Understood;
use Wexon\Core\Reading\WexonMessage;

/** What a reading makes of a message, for the screens and for samples. */
final readonly class Tried
{
    public function __construct(private Readers $readers) {}

    /** @return array<string, mixed> */
    public function show(?Reading $reading, string $body, ?string $contentType, int $deskId): array
    {
        $understood = $this->readers->with($reading, $deskId)->read($body, $contentType);

        return [
            'format' => $understood->format,
            'notes' => $understood->notes,
            'error' => $understood->error?->getMessage(),
            'pieces' => array_map(fn (Piece $piece): array => $this->piece($piece, $reading), $understood->pieces),
        ];
    }

    /** @return list<string> What a sample says: a line for each signal, or “!” and the error. */
    public function said(?Reading $reading, string $body, ?string $contentType, int $deskId): array
    {
        $understood = $this->readers->with($reading, $deskId)->read($body, $contentType);

        return $understood->error !== null ? ['! '.$understood->error->getMessage()] : self::lines($understood);
    }

    /** @return list<string> */
    private static function lines(Understood $understood): array
    {
        return array_map(static fn (Piece $piece): string => $piece->signal === null ? '! '.$piece->error?->getMessage() : LineWriter::write($piece->signal), $understood->pieces);
    }

    /** @return array<string, mixed> */
    private function piece(Piece $piece, ?Reading $reading): array
    {
        return [
            'text' => $piece->document->text,
            'values' => $piece->document->values === [] ? null : $piece->document->values,
            'notes' => $piece->document->notes,
            'own' => WexonMessage::isMeant($piece->document->values),
            'fields' => $reading === null ? [] : array_map(static fn (FieldTrace $trace): array => $trace->toArray(), $reading->trace($piece->document)),
            'signal' => $piece->signal?->toArray(),
            'line' => $piece->signal === null ? null : LineWriter::write($piece->signal),
            'error' => $piece->error === null ? null : ['field' => $piece->error->field, 'message' => $piece->error->getMessage(), 'nearest' => $piece->error->nearest],
        ];
    }
}
