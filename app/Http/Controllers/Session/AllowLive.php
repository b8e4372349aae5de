<?php

namespace App\Http\Controllers\Session;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Asked by nginx before it lets a screen listen to a desk's events. */
final class AllowLive
{
    public function __invoke(Request $request, int $desk): Response
    {
        $user = $request->user();

        return new Response(status: $user instanceof User && $user->desk_id === $desk ? 204 : 403);
    }
}
