<?php

namespace App\Connector;

use Carbon\CarbonImmutable;

/** An order as the venue tells it. */
final readonly class OrderReport
{
    /** @param  list<FillReport>  $fills */
    public function __construct(
        public string $venueId,
        public array $fills,
        public CarbonImmutable $acceptedAt,
    ) {}
}
