<?php

namespace App\Http\Controllers\Readings;

use App\Http\JsonSchema;
use App\Inlet\InletRequest;
use App\Models\User;
use App\Reading\Tried;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InvalidArgumentException;
use Wexon\Core\Reading\Mapping\Reading;

/** What a reading that is being edited makes of a message. Nothing is kept. */
final class TryReading
{
    public function __invoke(Request $request, #[CurrentUser] User $user, Tried $tried): JsonResponse
    {
        $given = $request->validate([
            'spec' => ['nullable', 'array'],
            'body' => ['required', 'string', 'max:'.InletRequest::LARGEST_BODY],
            'content_type' => ['nullable', 'string', 'max:120'],
        ]);
        $trouble = $reading = null;
        $errors = ($given['spec'] ?? null) === null ? [] : JsonSchema::errors('reading-1', JsonSchema::raw($request, 'spec'), '');
        foreach ($errors as $where => $words) {
            $trouble = trim("{$where}: {$words}", '.: ').'.';
        }
        try {
            $reading = $errors !== [] || ($given['spec'] ?? null) === null ? null : Reading::of(['fields' => $given['spec']['fields'] ?? [], 'words' => $given['spec']['words'] ?? []]);
        } catch (InvalidArgumentException $error) {
            $trouble = $error->getMessage();
        }

        return new JsonResponse(['trouble' => $trouble] + $tried->show($reading, $given['body'], $given['content_type'] ?? null, $user->desk_id));
    }
}
