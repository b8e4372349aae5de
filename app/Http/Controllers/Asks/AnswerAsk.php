<?php

namespace App\Http\Controllers\Asks;

use App\Control\AskLink;
use App\Control\ReleaseHeld;
use App\Models\Decision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Answers by the link in a notification. It works once: what is answered does not wait any more. */
final class AnswerAsk
{
    public function __invoke(Request $request, int $decision, string $token, ReleaseHeld $held): JsonResponse
    {
        $given = $request->validate(['yes' => ['required', 'boolean'], 'share' => ['nullable', 'string', 'regex:/^(100|[1-9]\d?)$/']]);
        $asked = Decision::query()->with(['message', 'route', 'account'])->findOrFail($decision);
        abort_unless(AskLink::opens($asked, $token), 404);
        $isOpen = $asked->held_for === 'approval' && ($given['yes']
            ? $held->approve($asked, 'the link in a notification', $given['share'] ?? '100')
            : $held->giveUp($asked, 'Somebody said no by the link in a notification.'));
        abort_unless($isOpen, 409, 'This was answered already, or its time is up.');

        return new JsonResponse(['answered' => true]);
    }
}
