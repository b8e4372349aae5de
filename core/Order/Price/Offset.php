<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;

/** How far from a price an order lies; below zero on the other side of it. */
final readonly class Offset
{
    public function __construct(private BigDecimal $amount, private OffsetUnit $unit) {}

    public function from(BigDecimal $price, PriceInput $input): BigDecimal
    {
        return match ($this->unit) {
            OffsetUnit::Ticks => $input->awayFrom($price, $this->amount->multipliedBy($input->instrument->tick)),
            OffsetUnit::Percent => $input->percentFrom($price, $this->amount),
        };
    }

    /** @return array{}|array{offset: string, unit: string} Nothing when there is no offset. */
    public function toArray(): array
    {
        return $this->amount->isZero() ? [] : ['offset' => (string) $this->amount, 'unit' => $this->unit->value];
    }
}
