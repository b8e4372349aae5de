<?php

declare(strict_types=1);

namespace Wexon\Core\Intent;

use Wexon\Core\Signal\Side;

/** An intent, the side it is about, and the sentence that says how it was found. */
final readonly class ResolvedIntent
{
    private function __construct(
        public Intent $intent,
        /** The side to open for an entry, flip or add; the side to close for an exit; null when there is nothing to do, or it is about no side. */
        public ?Side $side,
        public string $why,
    ) {}

    public static function of(Intent $intent, ?Side $side, string $why): self
    {
        return new self($intent, $side, $why);
    }

    public static function nothing(string $why): self
    {
        return new self(Intent::Nothing, null, $why);
    }

    public function __toString(): string
    {
        return $this->side === null ? $this->intent->value : "{$this->intent->value} {$this->side->value}";
    }
}
