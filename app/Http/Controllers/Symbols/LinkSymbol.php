<?php

namespace App\Http\Controllers\Symbols;

use App\Models\Instrument;
use App\Models\SymbolLink;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Confirms that a chart's ticker means an instrument of a venue. Said again, it is changed. */
final class LinkSymbol
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate([
            'venue' => ['required', 'string', Rule::exists('accounts', 'venue')->where('desk_id', $user->desk_id)],
            'symbol' => ['required', 'string', 'max:64'],
            'instrument' => ['required', 'string', Rule::exists(Instrument::class, 'name')->where('venue', $request->string('venue'))],
        ], ['venue.exists' => 'No account is connected at this venue.', 'instrument.exists' => 'The venue does not list this instrument: choose one of its list.']);
        $link = SymbolLink::query()->updateOrCreate(
            ['desk_id' => $user->desk_id, 'venue' => $given['venue'], 'symbol' => mb_strtoupper(trim($given['symbol']))],
            ['instrument' => $given['instrument']],
        );

        return new JsonResponse(['data' => ['id' => $link->id, 'symbol' => $link->symbol, 'instrument' => $link->instrument]], $link->wasRecentlyCreated ? 201 : 200);
    }
}
