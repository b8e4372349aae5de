<?php

namespace App\Http\Controllers\Readings;

use App\Inlet\InletRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Wexon\Core\Reading\Format\Formats;
use Wexon\Core\Reading\Guess\Guess;
use Wexon\Core\Reading\ReadingError;

/** A first mapping for a message of unknown shape. */
final class GuessReading
{
    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate(['body' => ['required', 'string', 'max:'.InletRequest::LARGEST_BODY], 'content_type' => ['nullable', 'string', 'max:120']]);
        try {
            $spec = Guess::of(Formats::takeApart($given['body'], $given['content_type'] ?? null)->documents[0]);
        } catch (ReadingError $error) {
            throw ValidationException::withMessages(['body' => $error->getMessage()]);
        }

        return new JsonResponse(['spec' => ['fields' => (object) $spec['fields'], 'words' => $spec['words'] ?? []]]);
    }
}
