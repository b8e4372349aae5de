<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Closure;
use Wexon\Core\Study\Parameter;
use Wexon\Core\Study\StudyTrouble;

/** What can be said of a script before it runs. */
final readonly class Definition
{
    /** The message of an alert that passes on orders at the market. */
    public const PLAIN_MESSAGE = '{"do": "${order_action}", "symbol": "${symbol}", "size": {"amount": "${order_size}", "unit": "units"}, "position": {"before": "${position_before}", "after": "${position_after}", "size": "${position_size}"}, "price": "${order_price}", "label": "${comment}", "fired_at": "${time}"}';

    /**
     * @param  array<string, Parameter>  $parameters
     * @param  Closure(array<string, float>): Script  $make
     */
    public function __construct(
        public string $label,
        public string $says,
        public array $parameters,
        private Closure $make,
        public string $message = self::PLAIN_MESSAGE,
        /** Whether it learns from the candles before it begins; else its first candle is its first. */
        public bool $learns = true,
    ) {}

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws StudyTrouble If a parameter cannot be.
     */
    public function make(array $given): Script
    {
        return ($this->make)(Parameter::takeAll($this->parameters, $given));
    }

    /** @return array{label: string, says: string, parameters: array<string, array<string, mixed>>, message: string} */
    public function toArray(): array
    {
        return [
            'label' => $this->label,
            'says' => $this->says,
            'parameters' => array_map(static fn (Parameter $one): array => $one->toArray(), $this->parameters),
            'message' => $this->message,
        ];
    }
}
