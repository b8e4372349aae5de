<?php

namespace App\Http\Controllers\Accounts;

use App\Connector\Connectors;
use App\Connector\Venue;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Where an account can be connected, and what has to be given. */
final class ListVenues
{
    public function __invoke(#[CurrentUser] User $user, Connectors $connectors): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static fn (Venue $venue): array => [
            'id' => $venue->id,
            'name' => $venue->name,
            'trades' => $venue->trades,
            'keys_at' => $venue->keysAt,
            'advice' => $venue->advice,
            'described' => $venue->isDescribed,
            'credentials' => array_map(
                static fn (string $field, string $label): array => ['field' => $field, 'label' => $label],
                array_keys($venue->credentials),
                $venue->credentials,
            ),
        ], $connectors->venues($user->desk_id))]);
    }
}
