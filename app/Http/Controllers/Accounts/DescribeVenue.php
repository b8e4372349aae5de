<?php

namespace App\Http\Controllers\Accounts;

use App\Connector\Described\Description;
use App\Http\JsonSchema;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** Takes a description of a venue; accounts can then be connected there. Whether it fits, the first connection shows. */
final class DescribeVenue
{
    private const MOST = 20;

    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $request->validate(['spec' => ['required', 'array']]);
        $errors = JsonSchema::errors('venue-1', JsonSchema::raw($request, 'spec'), 'spec');
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        // As it came: a line break at the end of what is signed must stay.
        $spec = json_decode($request->getContent(), true)['spec'];
        try {
            Description::of($spec);
        } catch (InvalidArgumentException $trouble) {
            throw ValidationException::withMessages(['spec' => $trouble->getMessage()]);
        }
        abort_if($user->desk->describedVenues()->count() >= self::MOST, 409, 'A desk describes '.self::MOST.' venues at most: take one out first.');
        $venue = $user->desk->describedVenues()->create(['spec' => $spec]);

        return new JsonResponse(['id' => $venue->venue], 201);
    }
}
