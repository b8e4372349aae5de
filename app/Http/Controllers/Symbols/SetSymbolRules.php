<?php

namespace App\Http\Controllers\Symbols;

use App\Models\SymbolRule;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Wexon\Core\Symbol\SymbolRules;

/** Sets what charts write before and behind a venue's tickers. */
final class SetSymbolRules
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate([
            'venue' => ['required', 'string', Rule::exists('accounts', 'venue')->where('desk_id', $user->desk_id)],
            'prefixes' => ['present', 'array'], 'prefixes.*' => ['string'],
            'suffixes' => ['present', 'array'], 'suffixes.*' => ['string'],
        ]);
        try {
            $rules = SymbolRules::of(array_values($given['prefixes']), array_values($given['suffixes']));
        } catch (InvalidArgumentException $trouble) {
            throw ValidationException::withMessages(['prefixes' => $trouble->getMessage()]);
        }
        SymbolRule::query()->updateOrCreate(['desk_id' => $user->desk_id, 'venue' => $given['venue']], ['prefixes' => $rules->prefixes, 'suffixes' => $rules->suffixes]);

        return new JsonResponse(['prefixes' => $rules->prefixes, 'suffixes' => $rules->suffixes]);
    }
}
