<?php

declare(strict_types=1);

namespace Wexon\Core\Preflight;

use DateTimeImmutable;

/** One alert slip of a route. */
final readonly class SlipSeen
{
    public function __construct(
        public string $name,
        /** What its message does; null when a script's orders say it. */
        public ?string $action,
        /** As it is to be copied; null when its own address says it all. */
        public ?string $text,
        /** The moment from which it no longer fires. */
        public ?DateTimeImmutable $expires,
    ) {}

    public function opens(): bool
    {
        return in_array($this->action, ['enter', 'add', 'flip', 'set', 'buy', 'sell'], true);
    }

    /** Whether it can close something. */
    public function closes(): bool
    {
        return $this->action === null || in_array($this->action, ['exit', 'flatten', 'flip', 'set', 'buy', 'sell'], true);
    }
}
