<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use RuntimeException;

/** A request that the venue answers with an error: an HTTP status, a code, and words. */
final class Problem extends RuntimeException
{
    /** @param  array<string, string>  $headers */
    private function __construct(
        public readonly int $status,
        public readonly string $name,
        string $message,
        public readonly array $headers = [],
    ) {
        parent::__construct($message);
    }

    /** @param  array<string, string>  $headers */
    public static function of(int $status, string $name, string $message, array $headers = []): self
    {
        return new self($status, $name, $message, $headers);
    }
}
