<?php

namespace App\Http\Controllers\Inlets;

use App\Models\Inlet;
use App\Models\Message;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** What became of an inlet's messages in the last seven days, and what was not let in. */
final class ShowTally
{
    private const DAYS = 7;

    public function __invoke(Inlet $inlet): JsonResponse
    {
        $since = now()->subDays(self::DAYS);
        $states = Message::query()->where('inlet_id', $inlet->id)->where('received_at', '>=', $since)->where('dry', false)
            ->toBase()->selectRaw('state, COUNT(*) AS messages')->groupBy('state')->pluck('messages', 'state');
        $refused = DB::table('inlet_refusals')->where('inlet_id', $inlet->id)->where('day', '>=', $since->format('Y-m-d'))
            ->selectRaw('reason, SUM(refusals) AS refusals, MAX(last_at) AS last_at, SUBSTRING_INDEX(GROUP_CONCAT(last_sender ORDER BY last_at DESC), \',\', 1) AS last_sender')->groupBy('reason')->orderBy('reason')->get();

        return new JsonResponse([
            'days' => self::DAYS,
            'states' => (object) $states->map(static fn (mixed $count): int => (int) $count)->all(),
            'refused' => $refused->map(static fn (object $row): array => [
                'reason' => $row->reason,
                'refusals' => (int) $row->refusals,
                'last_at' => str_replace(' ', 'T', substr($row->last_at, 0, 23)).'Z',
                'last_sender' => $row->last_sender,
            ])->all(),
        ]);
    }
}
