<?php

namespace App\Http\Resources;

use Carbon\CarbonImmutable;

/** Times as the API gives them: ISO 8601, UTC, milliseconds. */
final class Moment
{
    public static function of(?CarbonImmutable $time): ?string
    {
        return $time?->utc()->format('Y-m-d\TH:i:s.v\Z');
    }
}
