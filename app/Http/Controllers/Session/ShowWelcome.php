<?php

namespace App\Http\Controllers\Session;

use Illuminate\Http\Response;

/** Sets the cookie with the token that every changing request must carry: the first thing a browser asks for. */
final class ShowWelcome
{
    public function __invoke(): Response
    {
        return new Response(status: 204);
    }
}
