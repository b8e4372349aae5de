<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

/** What an event makes of a protection: where it stands now, and what has to be closed for it. */
final readonly class Outcome
{
    /** @param  list<Closing>  $closings */
    private function __construct(public Protection $protection, public array $closings) {}

    public static function of(Protection $protection, Closing ...$closings): self
    {
        return new self($protection, array_values($closings));
    }
}
