<?php

namespace App\Http\Controllers\Routes;

use App\Control\SeeRoute;
use App\Models\Route;
use Illuminate\Http\JsonResponse;
use Wexon\Core\Preflight\Checks;

/** What would go wrong with a route as it is saved, with the market and the money of now. */
final class ShowPreflight
{
    public function __invoke(Route $route, SeeRoute $see): JsonResponse
    {
        return new JsonResponse(['data' => Checks::run($see->see($route))]);
    }
}
