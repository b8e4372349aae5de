<?php

namespace App\Mail;

use RuntimeException;

/** A mail that no inlet takes, and what its sender is told. */
final class MailRefusal extends RuntimeException
{
    public function __construct(
        /** Under which it is counted. */
        public readonly string $reason,
        public readonly int $status,
        string $words,
    ) {
        parent::__construct($words);
    }
}
