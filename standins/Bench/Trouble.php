<?php

declare(strict_types=1);

namespace Standin\Bench;

use RuntimeException;

/** What was asked of the bench cannot be done; the message says what to do instead. */
final class Trouble extends RuntimeException
{
    public static function notFound(string $what): self
    {
        return new self("There is no such {$what} any more. Look at the list again.", 404);
    }
}
