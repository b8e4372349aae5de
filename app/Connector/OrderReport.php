<?php

namespace App\Connector;

use Brick\Math\BigDecimal;
use Carbon\CarbonImmutable;

/** An order as the venue tells it. */
final readonly class OrderReport
{
    /** @param  list<FillReport>  $fills */
    public function __construct(
        public string $venueId,
        public OrderStatus $status,
        public array $fills,
        public CarbonImmutable $acceptedAt,
        /** Where the trigger is now of a stop that the venue moves; null when it does not say. */
        public ?BigDecimal $trigger = null,
    ) {}

    /** Units that are filled so far. */
    public function filled(): BigDecimal
    {
        return BigDecimal::sum(BigDecimal::zero(), ...array_map(static fn (FillReport $row): BigDecimal => $row->fill->quantity, $this->fills));
    }
}
