<?php

namespace App\Http\Controllers\Inlets;

use App\Http\Resources\InletResource;
use App\Models\Inlet;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** Gives an inlet another address. The old one goes on answering for as long as is chosen. */
final class RotateAddress
{
    private const MOST_MINUTES = 43_200;

    public function __invoke(Request $request, Inlet $inlet): InletResource
    {
        $given = $request->validate(['keep_minutes' => ['required', 'integer', 'between:0,'.self::MOST_MINUTES]]);
        $minutes = (int) $given['keep_minutes'];
        $inlet->rotate($minutes === 0 ? null : CarbonImmutable::now()->addMinutes($minutes));

        return new InletResource($inlet->load(['routes', 'reading']));
    }
}
