<?php

namespace App\Http\Controllers\Routes;

use App\Models\Decision;
use App\Models\Route;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Wexon\Core\Guard\Guard;
use Wexon\Core\Guard\Guards;
use Wexon\Core\Guard\LimitGuards;

/**
 * What each guard of a route let through and refused, by day: a signal that came as far as a guard was let through by
 * all those before it. The newest day first.
 */
final class TallyGuards
{
    private const MOST_DAYS = 31;

    public function __invoke(Request $request, Route $route): JsonResponse
    {
        $given = $request->validate(['days' => ['nullable', 'integer', 'min:1', 'max:'.self::MOST_DAYS]]);
        $zone = now($request->user()?->desk->zone ?? 'UTC');
        $rows = Decision::query()->where('route_id', $route->id)->where('dry', false)->whereIn('verdict', ['pass', 'refuse', 'hold'])
            ->where('decided_at', '>=', $zone->startOfDay()->subDays(($given['days'] ?? 7) - 1)->utc())
            ->toBase()->selectRaw('DATE(CONVERT_TZ(decided_at, \'+00:00\', ?)) AS day, guard, COUNT(*) AS signals', [$zone->format('P')])->groupBy('day', 'guard')->get();
        $days = [];
        foreach ($rows->groupBy('day')->sortKeysDesc() as $day => $counts) {
            $stopped = $counts->pluck('signals', 'guard')->map(static fn (int|string $signals): int => (int) $signals)->all();
            $left = array_sum($stopped);
            $guards = [];
            foreach ($this->names() as $name) {
                $refused = $stopped[$name] ?? 0;
                $guards[] = ['guard' => $name, 'passed' => $left - $refused, 'refused' => $refused];
                $left -= $refused;
            }
            $days[] = ['day' => (string) $day, 'guards' => array_values(array_filter($guards, static fn (array $one): bool => $one['refused'] > 0)), 'passed' => $left];
        }

        return new JsonResponse(['data' => $days]);
    }

    /** @return list<string> In the order in which they are asked. */
    private function names(): array
    {
        return [...array_map(static fn (Guard $guard): string => $guard->name(), Guards::all()), ...LimitGuards::names()];
    }
}
