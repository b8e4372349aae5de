<?php

namespace App\Http\Controllers\Inlets;

use App\Models\Inlet;
use App\Models\Message;
use Illuminate\Http\Response;

/** Removes an inlet that never heard anything. One with messages stays, because its messages must not vanish. */
final class RemoveInlet
{
    public function __invoke(Inlet $inlet): Response
    {
        abort_if($inlet->routes()->exists(), 409, "“{$inlet->name}” feeds a route: point the route at another inlet first.");
        abort_if(Message::query()->where('inlet_id', $inlet->id)->exists(), 409, "“{$inlet->name}” has messages in the journal and is kept.");
        $inlet->delete();

        return new Response(status: 204);
    }
}
