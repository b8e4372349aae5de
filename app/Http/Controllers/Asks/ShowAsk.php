<?php

namespace App\Http\Controllers\Asks;

use App\Control\AskLink;
use App\Http\Resources\Moment;
use App\Models\Decision;
use App\Models\DecisionState;
use Illuminate\Http\JsonResponse;

/** What a link in a notification asks, without being signed in. */
final class ShowAsk
{
    public function __invoke(int $decision, string $token): JsonResponse
    {
        $asked = Decision::query()->with(['message', 'route', 'account'])->findOrFail($decision);
        abort_unless(AskLink::opens($asked, $token), 404);

        return new JsonResponse([
            'route' => $asked->route->name ?? '',
            'account' => ['id' => $asked->account->id, 'name' => $asked->account->name, 'environment' => $asked->account->environment],
            'tickets' => $asked->trace['tickets'] ?? [],
            'is_open' => $asked->state === DecisionState::Held && $asked->held_for === 'approval',
            'until' => Moment::of($asked->held_until),
            'summary' => $asked->summary,
        ]);
    }
}
