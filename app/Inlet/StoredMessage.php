<?php

declare(strict_types=1);

namespace App\Inlet;

use Symfony\Component\Uid\Ulid;
use Wexon\Core\Reading\Secrets;

/** A message as it goes to disk: byte for byte, but for what looks like a venue's key or secret, which never gets there. */
final readonly class StoredMessage
{
    /** @param  array<string, string>  $headers */
    private function __construct(
        public string $ulid,
        public int $deskId,
        public int $inletId,
        public string $body,
        public ?string $contentType,
        public array $headers,
        public string $sender,
        public bool $dry,
        /** web, mail or hand. */
        public string $arrivedBy,
        /** Of the slip whose own address it came to. */
        public ?string $code,
        /** How many secrets were blanked out. */
        public int $blanked,
        /** A mail as it came. */
        public ?string $raw,
        /** The message that is run again. */
        public ?int $rerunOf,
        /** UTC, "2026-03-02 14:30:00.000000" */
        public string $receivedAt,
    ) {}

    public static function of(int $deskId, int $inletId, InletRequest $request, bool $dry = false, string $arrivedBy = 'web', ?string $raw = null, ?int $rerunOf = null): self
    {
        [$body, $blanked] = Secrets::blankOut($request->body);

        return new self((string) new Ulid, $deskId, $inletId, $body, $request->contentType, $request->headers, $request->sender, $dry, $arrivedBy, $request->code, $blanked, $blanked === 0 ? $raw : null, $rerunOf, Moment::now());
    }
}
