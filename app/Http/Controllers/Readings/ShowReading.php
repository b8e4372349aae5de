<?php

namespace App\Http\Controllers\Readings;

use App\Http\Resources\ReadingResource;
use App\Models\Reading;

final class ShowReading
{
    public function __invoke(Reading $reading): ReadingResource
    {
        return new ReadingResource($reading->load(['samples', 'inlets']));
    }
}
