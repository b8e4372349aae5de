<?php

namespace App\Http\Controllers\Inlets;

use App\Inlet\InletDatabase;
use App\Inlet\InletRequest;
use App\Inlet\StoredMessage;
use App\Models\Inlet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Puts a message into an inlet by hand: as a dry run that sends nothing, or for real. */
final class SendTest
{
    public function __invoke(Request $request, Inlet $inlet): JsonResponse
    {
        $given = $request->validate([
            'body' => ['required', 'string', 'max:'.InletRequest::LARGEST_BODY],
            'dry' => ['required', 'boolean'],
        ]);
        $message = StoredMessage::of($inlet->desk_id, $inlet->id, new InletRequest(
            'POST',
            '',
            $given['body'],
            'text/plain; by hand',
            [],
            (string) $request->ip(),
        ), (bool) $given['dry'], 'hand');
        InletDatabase::fromEnvironment()->store($message);

        return new JsonResponse(['id' => $message->ulid, 'stored' => true], 202);
    }
}
