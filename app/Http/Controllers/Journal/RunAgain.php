<?php

namespace App\Http\Controllers\Journal;

use App\Inlet\InletDatabase;
use App\Inlet\InletRequest;
use App\Inlet\StoredMessage;
use App\Models\Message;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Puts a past message in again, held against today's rules: as a dry run, or for real. The sender's id does not stop it. */
final class RunAgain
{
    public function __invoke(Request $request, Message $message): JsonResponse
    {
        $given = $request->validate(['dry' => ['required', 'boolean']]);
        $again = StoredMessage::of(
            $message->desk_id,
            $message->inlet_id,
            new InletRequest('POST', '', $message->body, $message->content_type, $message->headers, $message->sender, $message->code),
            (bool) $given['dry'],
            'hand',
            rerunOf: $message->id,
        );
        InletDatabase::fromEnvironment()->store($again);

        return new JsonResponse(['id' => $again->ulid, 'stored' => true], 202);
    }
}
