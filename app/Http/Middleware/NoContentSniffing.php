<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers are data: no browser may take them for a page, frame them or keep them. */
final class NoContentSniffing
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add(['X-Content-Type-Options' => 'nosniff', 'X-Frame-Options' => 'DENY', 'Cache-Control' => 'no-store']);

        return $response;
    }
}
