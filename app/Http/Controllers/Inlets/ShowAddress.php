<?php

namespace App\Http\Controllers\Inlets;

use App\Models\Inlet;
use Illuminate\Http\JsonResponse;

/** The inlet's secret address. This answer alone holds it: it is fetched when someone asks to see or copy it. */
final class ShowAddress
{
    public function __invoke(Inlet $inlet): JsonResponse
    {
        return new JsonResponse(['address' => $inlet->address()]);
    }
}
