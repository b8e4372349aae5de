<?php

namespace App\Http\Controllers\Slips;

use App\Models\Route;
use App\Slips\SlipsOf;
use Illuminate\Http\JsonResponse;

/** The slips of a route: what to set on the charting platform, and what became of each. */
final class ListSlips
{
    public function __invoke(Route $route): JsonResponse
    {
        return new JsonResponse(['data' => SlipsOf::route($route)]);
    }
}
