<?php

declare(strict_types=1);

namespace Wexon\Core\Route;

/** One instrument that a route trades: the chart's ticker and the venue's name for the same thing. */
final readonly class Leg
{
    private function __construct(
        public string $symbol,
        public string $instrument,
    ) {}

    public static function of(string $symbol, string $instrument): self
    {
        return new self(trim($symbol), trim($instrument));
    }

    /** Upper and lower case are the same, as they are on most charts. */
    public function takes(string $symbol): bool
    {
        return strcasecmp($this->symbol, $symbol) === 0;
    }
}
