<?php

namespace App\Http\Controllers\Accounts;

use App\Models\Instrument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a venue trades, with its steps and limits. */
final class ListInstruments
{
    private const MOST = 1000;

    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(['venue' => ['required', 'string', 'max:40']]);

        return new JsonResponse(['data' => Instrument::query()->where('venue', $given['venue'])->orderBy('name')->limit(self::MOST)->pluck('spec')]);
    }
}
