<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Closure;

/** What can be said of a study before it is made: its name, its parameters, its lines. */
final readonly class Definition
{
    /**
     * @param  array<string, Parameter>  $parameters
     * @param  list<string>  $lines
     * @param  Closure(array<string, float>): Study  $make
     */
    public function __construct(
        public string $label,
        public array $parameters,
        public array $lines,
        /** Whether its lines are prices, and are drawn over the candles; else below them. */
        public bool $overPrice,
        private Closure $make,
    ) {}

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws StudyTrouble If a parameter is unknown, or cannot be that number.
     */
    public function make(array $given): Study
    {
        return ($this->make)(Parameter::takeAll($this->parameters, $given));
    }

    /** @return array{label: string, parameters: array<string, array<string, mixed>>, lines: list<string>, over_price: bool} */
    public function toArray(): array
    {
        return [
            'label' => $this->label,
            'parameters' => array_map(static fn (Parameter $one): array => $one->toArray(), $this->parameters),
            'lines' => $this->lines,
            'over_price' => $this->overPrice,
        ];
    }
}
