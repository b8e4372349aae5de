<?php

namespace App\Http\Controllers\Session;

use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Makes a bearer token for scripts. It is in this one answer only: we keep its hash. */
final class MakeToken
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $given = $request->validate(['name' => ['required', 'string', 'max:80']]);

        return new JsonResponse(['token' => $user->createToken($given['name'])->plainTextToken], 201);
    }
}
