<?php

namespace App\Http\Controllers\Routes;

use App\Models\Order;
use App\Models\OrderState;
use App\Models\Route;
use Illuminate\Http\Response;
use Wexon\Core\Route\RouteState;

/** Removes a route that is not armed. What it decided stays in the journal. */
final class RemoveRoute
{
    public function __invoke(Route $route): Response
    {
        abort_if(in_array($route->state, [RouteState::Armed, RouteState::WindingDown], true), 409, "“{$route->name}” is {$route->state->words()}: pause it first.");
        $working = Order::query()->where('route_id', $route->id)->whereIn('state', OrderState::open())->count();
        abort_if($working > 0, 409, "“{$route->name}” has {$working} orders working: take them back on the Blotter first.");
        $route->delete();

        return new Response(status: 204);
    }
}
