<?php

namespace App\Http\Controllers\Symbols;

use App\Models\SymbolLink;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The symbol map, venue by venue. */
final class ListSymbols
{
    private const MOST = 2_000;

    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        $links = $user->desk->symbolLinks()->orderBy('symbol')->limit(self::MOST)->get()->groupBy('venue');
        $rules = $user->desk->symbolRules()->get()->keyBy('venue');
        $venues = $user->desk->accounts()->distinct()->orderBy('venue')->pluck('venue');

        return new JsonResponse(['data' => $venues->map(static fn (string $venue): array => [
            'venue' => $venue,
            'prefixes' => $rules->get($venue)->prefixes ?? [],
            'suffixes' => $rules->get($venue)->suffixes ?? [],
            'links' => array_map(static fn (SymbolLink $link): array => ['id' => $link->id, 'symbol' => $link->symbol, 'instrument' => $link->instrument], array_values($links->get($venue)?->all() ?? [])),
        ])->values()]);
    }
}
