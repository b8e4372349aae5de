<?php

namespace App\Http\Controllers\Journal;

use App\Http\Resources\Steps;
use App\Models\Decision;
use Illuminate\Http\JsonResponse;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\RouteRules;

/** Decides again from what was seen then, and says whether the answer is the same. */
final class ReplayDecision
{
    public function __invoke(Decision $decision): JsonResponse
    {
        $inputs = $decision->inputs ?? abort(409, 'This decision was made without a snapshot, so there is nothing to decide again.');
        $again = Decide::decide(
            WexonMessage::fromArray($inputs['signal']),
            RouteRules::of($inputs['rules']),
            Snapshot::fromArray($inputs['snapshot']),
        )->toArray();

        return new JsonResponse([
            'same' => [$again['steps'], $again['tickets'], $again['cancels']] == [$decision->trace['steps'] ?? [], $decision->trace['tickets'] ?? [], $decision->trace['cancels'] ?? []],
            'steps' => Steps::of($again['steps']),
            'tickets' => $again['tickets'],
        ]);
    }
}
