<?php

namespace App\Http\Controllers\Symbols;

use App\Dispatch\SymbolMaps;
use App\Models\Instrument;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Wexon\Core\Instrument\Instrument as InstrumentValue;
use Wexon\Core\Symbol\SymbolGuess;

/** What a chart's ticker may mean at a venue, the likeliest first. */
final class GuessSymbol
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate(['venue' => ['required', 'string'], 'symbol' => ['required', 'string', 'max:64']]);
        $instruments = array_values(Instrument::query()->where('venue', $given['venue'])->get()->map(static fn (Instrument $instrument): InstrumentValue => $instrument->value())->all());
        $guesses = SymbolGuess::of($given['symbol'], $instruments, SymbolMaps::rules($user->desk_id, $given['venue']));

        return new JsonResponse(['data' => array_map(static fn (InstrumentValue $instrument): string => $instrument->name, $guesses)]);
    }
}
