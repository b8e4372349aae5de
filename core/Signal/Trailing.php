<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

/** A stop that follows the price. */
final readonly class Trailing
{
    private function __construct(
        public Distance $distance,
        /** Profit from which it begins to follow; null: at once. */
        public ?Distance $start,
        /** It moves in steps of this; null: with every price. */
        public ?Distance $step,
    ) {}

    public static function of(Distance $distance, ?Distance $start = null, ?Distance $step = null): self
    {
        return new self($distance, $start, $step);
    }

    /** @return array<string, array<string, string>> */
    public function toArray(): array
    {
        return array_map(
            static fn (Distance $distance): array => $distance->toArray(),
            array_filter(['distance' => $this->distance, 'start' => $this->start, 'step' => $this->step], static fn (?Distance $distance): bool => $distance !== null),
        );
    }

    /** "1% start 2% step 0.5%" */
    public function __toString(): string
    {
        return $this->distance.($this->start === null ? '' : " start {$this->start}").($this->step === null ? '' : " step {$this->step}");
    }
}
