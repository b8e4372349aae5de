<?php

declare(strict_types=1);

namespace Standin\Exchange;

use RuntimeException;

/** A request that a venue answers with an error: an HTTP status, a code, and words; each venue tells it in its own way. */
final class Problem extends RuntimeException
{
    private function __construct(
        public readonly int $status,
        public readonly string $name,
        string $message,
        /** Milliseconds after which asking again may succeed; 0: not said. */
        public readonly int $wait = 0,
    ) {
        parent::__construct($message);
    }

    public static function of(int $status, string $name, string $message): self
    {
        return new self($status, $name, $message);
    }

    public static function busy(string $message, int $wait): self
    {
        return new self(429, 'too_many_requests', $message, $wait);
    }
}
