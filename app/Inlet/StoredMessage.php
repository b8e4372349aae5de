<?php

declare(strict_types=1);

namespace App\Inlet;

use Symfony\Component\Uid\Ulid;

/** A message as it goes to disk. */
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
        /** UTC, "2026-03-02 14:30:00.000000" */
        public string $receivedAt,
    ) {}

    public static function of(int $deskId, int $inletId, InletRequest $request, bool $dry = false): self
    {
        return new self((string) new Ulid, $deskId, $inletId, $request->body, $request->contentType, $request->headers, $request->sender, $dry, Moment::now());
    }
}
