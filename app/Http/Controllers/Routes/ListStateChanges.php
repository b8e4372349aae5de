<?php

namespace App\Http\Controllers\Routes;

use App\Http\Resources\Moment;
use App\Models\Route;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Who brought the route into which state, when and why; the newest first. */
final class ListStateChanges
{
    private const MOST = 50;

    public function __invoke(Route $route): JsonResponse
    {
        $changes = DB::table('route_state_changes')->where('route_id', $route->id)->orderByDesc('id')->limit(self::MOST)->get();

        return new JsonResponse(['data' => $changes->map(static fn ($change): array => [
            'from' => $change->from_state, 'to' => $change->to_state, 'by' => $change->by, 'reason' => $change->reason, 'at' => Moment::of(CarbonImmutable::parse($change->at)),
        ])]);
    }
}
