<?php

namespace App\Http\Controllers\Blotter;

use App\Blotter\ValuePositions;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Every open position, valued at the last known prices. */
final class ListPositions
{
    public function __invoke(#[CurrentUser] User $user, ValuePositions $value): JsonResponse
    {
        return new JsonResponse(['data' => $value->ofDesk($user->desk_id)]);
    }
}
