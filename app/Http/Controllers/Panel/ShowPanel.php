<?php

namespace App\Http\Controllers\Panel;

use App\Http\Resources\DecisionResource;
use App\Http\Resources\RouteResource;
use App\Models\Decision;
use App\Models\Route;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;

/** Each route as a line: its state, where its last signal got to, and today's counts. */
final class ShowPanel
{
    private const RECENT = 14;

    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        $routes = $user->desk->routes()->with(['inlet', 'accounts'])->orderByRaw('FIELD(state, ?, ?, ?, ?), name', ['armed', 'winding_down', 'paused', 'draft'])->get();
        $newest = Decision::query()->whereIn('id', Decision::query()->selectRaw('MAX(id)')->whereIn('route_id', $routes->modelKeys())->where('dry', false)->whereNotNull('decided_at')->groupBy('route_id'))
            ->with(Decision::SHOWN)->get()->keyBy('route_id');
        $counts = $this->counts($user, $routes->modelKeys());

        return new JsonResponse([
            'lines' => $routes->map(static fn (Route $route): array => [
                'route' => new RouteResource($route),
                'newest' => $newest->has($route->id) ? new DecisionResource($newest->get($route->id)) : null,
                'today' => [
                    'pass' => (int) $counts->get("{$route->id}:pass", 0),
                    'refuse' => (int) $counts->get("{$route->id}:refuse", 0),
                    'nothing' => (int) $counts->get("{$route->id}:nothing", 0),
                ],
            ])->all(),
            'recent' => DecisionResource::collection(
                $user->desk->decisions()->whereNotNull('decided_at')->with(Decision::SHOWN)->orderByDesc('id')->limit(self::RECENT)->get(),
            ),
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $routes
     * @return Collection<string, int>
     */
    private function counts(User $user, array $routes): Collection
    {
        return Decision::query()->whereIn('route_id', $routes)->where('dry', false)
            ->where('decided_at', '>=', now($user->desk->zone)->startOfDay()->utc())
            ->toBase()->selectRaw('CONCAT(route_id, \':\', verdict) AS line, COUNT(*) AS decisions')->groupBy('line')
            ->pluck('decisions', 'line');
    }
}
