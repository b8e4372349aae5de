<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

use Brick\Math\BigDecimal;

/** A place to take profit at, and how much of the position. */
final readonly class Target
{
    private function __construct(
        public Distance $distance,
        /** Percent of the position; null leaves it to the route. */
        public ?BigDecimal $share,
    ) {}

    public static function of(Distance $distance, ?BigDecimal $share = null): self
    {
        return new self($distance, $share);
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return $this->distance->toArray() + ($this->share === null ? [] : ['share' => (string) $this->share]);
    }

    /** "1.5%:50" */
    public function __toString(): string
    {
        return $this->distance.($this->share === null ? '' : ":{$this->share}");
    }
}
