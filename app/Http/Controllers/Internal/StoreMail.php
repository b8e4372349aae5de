<?php

namespace App\Http\Controllers\Internal;

use App\Mail\MailRefusal;
use App\Mail\TakeMail;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Asked by the mail receiver, on loopback only. */
final class StoreMail
{
    public function __invoke(Request $request, TakeMail $take): JsonResponse
    {
        abort_unless($request->server('WEXON_INTERNAL') === '1', 404);
        $given = $request->validate([
            'recipients' => ['required', 'array'], 'recipients.*' => ['string'],
            'from' => ['present', 'nullable', 'string'],
            'subject' => ['present', 'nullable', 'string'],
            'text' => ['present', 'nullable', 'string'],
            'headers' => ['present', 'array'], 'headers.*' => ['nullable', 'string'],
            'raw' => ['present', 'nullable', 'string'],
        ]);
        try {
            $message = $take->take([
                'recipients' => array_values($given['recipients']),
                'from' => (string) $given['from'],
                'subject' => (string) $given['subject'],
                'text' => (string) $given['text'],
                'headers' => array_map(strval(...), $given['headers']),
            ], (string) base64_decode((string) $given['raw'], true));
        } catch (MailRefusal $refusal) {
            return new JsonResponse(['message' => $refusal->getMessage()], $refusal->status);
        }

        return new JsonResponse(['id' => $message->ulid, 'stored' => true], 202);
    }
}
