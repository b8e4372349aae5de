<?php

namespace App\Http\Controllers\Description;

use App\Http\ApiDescription;
use Illuminate\Http\JsonResponse;

/** The API's own description, put together from docs/api. */
final class ShowOpenApi
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(ApiDescription::assemble());
    }
}
