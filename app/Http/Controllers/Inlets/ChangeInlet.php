<?php

namespace App\Http\Controllers\Inlets;

use App\Http\Resources\InletResource;
use App\Models\Inlet;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Wexon\Core\Inlet\AllowedMail;
use Wexon\Core\Inlet\AllowedSenders;

/** Changes what an inlet takes, and how it reads. What is not given stays as it is. */
final class ChangeInlet
{
    private const MOST_SYMBOLS = 200;

    public function __invoke(Request $request, Inlet $inlet, #[CurrentUser] User $user): InletResource
    {
        $given = $request->validate([
            'name' => ['string', 'max:80', Rule::unique('inlets')->where('desk_id', $user->desk_id)->ignore($inlet->id)],
            'per_minute' => ['integer', 'between:1,6000'],
            'reading_id' => ['nullable', Rule::exists('readings', 'id')->where('desk_id', $user->desk_id)],
            'paused' => ['boolean'],
            'allowed_senders' => ['nullable', 'string', 'max:8000'],
            'allowed_mail' => ['nullable', 'string', 'max:8000'],
            'allowed_symbols' => ['nullable', 'string', 'max:8000'],
            'phrase' => ['nullable', 'string', 'min:6', 'max:80', 'not_regex:/["\\\\{}]/'],
            'signed' => ['boolean'],
        ], [
            'name.unique' => 'Another inlet of this desk has this name: choose another.',
            'phrase.min' => 'A shared phrase has at least six characters, so that no message holds it by chance.',
            'phrase.not_regex' => 'A shared phrase has no quotes, braces or backslashes: it must fit into any message.',
        ]);
        $lists = ['allowed_senders' => static fn (string $written): array => AllowedSenders::of($written)->toArray(), 'allowed_mail' => static fn (string $written): array => AllowedMail::of($written)->toArray(), 'allowed_symbols' => self::symbols(...)];
        foreach (array_intersect_key($lists, $given) as $field => $list) {
            try {
                $given[$field] = $list((string) $given[$field]);
            } catch (InvalidArgumentException $trouble) {
                throw ValidationException::withMessages([$field => $trouble->getMessage()]);
            }
        }
        if (array_key_exists('phrase', $given) && trim((string) $given['phrase']) === '') {
            $given['phrase'] = null;
        }
        if (isset($given['signed'])) {
            $given['signing_secret'] = $given['signed'] ? $inlet->signing_secret ?? Str::random(40) : null;
        }
        $inlet->update($given);

        return new InletResource($inlet->load(['routes', 'reading']));
    }

    /** @return list<string> */
    private static function symbols(string $written): array
    {
        $symbols = array_values(array_unique(array_filter(array_map(trim(...), preg_split('/[,;\r\n]+/', $written) ?: []), static fn (string $symbol): bool => $symbol !== '')));
        if (count($symbols) > self::MOST_SYMBOLS) {
            throw new InvalidArgumentException('At most '.self::MOST_SYMBOLS.' symbols.');
        }

        return $symbols;
    }
}
