<?php

namespace App\Connector;

use RuntimeException;
use Throwable;

/** A request to a venue that did not succeed. */
final class VenueTrouble extends RuntimeException
{
    private function __construct(
        public readonly TroubleKind $kind,
        string $message,
        /** Seconds to wait before asking again, when the venue said so. */
        public readonly ?float $retryAfter = null,
        ?Throwable $previous = null,
    ) {
        parent::__construct($message, 0, $previous);
    }

    /** @param  string  $words The venue's own words. */
    public static function refused(string $words): self
    {
        return new self(TroubleKind::Refused, $words);
    }

    public static function keyRejected(string $words): self
    {
        return new self(TroubleKind::KeyRejected, $words);
    }

    public static function busy(string $words, float $retryAfter): self
    {
        return new self(TroubleKind::Busy, $words, $retryAfter);
    }

    public static function doubt(string $words, ?Throwable $previous = null): self
    {
        return new self(TroubleKind::Doubt, $words, null, $previous);
    }
}
