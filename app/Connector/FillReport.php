<?php

namespace App\Connector;

use Carbon\CarbonImmutable;
use Wexon\Core\Position\Fill;

/** One fill as the venue tells it. */
final readonly class FillReport
{
    public function __construct(
        public string $venueId,
        public Fill $fill,
        public CarbonImmutable $at,
    ) {}
}
