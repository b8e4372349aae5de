<?php

namespace App\Http\Controllers\Routes;

use App\Http\Resources\Moment;
use App\Models\Route;
use App\Models\RouteVersion;
use Illuminate\Http\JsonResponse;

/** Who saved the route when, and how it was; the newest first. */
final class ListVersions
{
    private const MOST = 50;

    public function __invoke(Route $route): JsonResponse
    {
        $versions = $route->versions()->with('user')->orderByDesc('id')->limit(self::MOST)->get()->map(static fn (RouteVersion $version): array => [
            'id' => $version->id,
            'by' => $version->user?->name,
            'at' => Moment::of($version->created_at),
            'draft' => ['account_labels' => (object) ($version->draft['account_labels'] ?? []), 'account_scales' => (object) ($version->draft['account_scales'] ?? []), 'account_allocations' => (object) ($version->draft['account_allocations'] ?? []), 'account_rules' => (object) array_map(static fn (array $own): object => (object) $own, $version->draft['account_rules'] ?? [])] + $version->draft,
        ]);

        return new JsonResponse(['data' => $versions]);
    }
}
