<?php

namespace App\Http\Controllers\Description;

use Illuminate\Http\Response;

/** A JSON Schema by name: message-1, route-1. */
final class ShowSchema
{
    public function __invoke(string $name): Response
    {
        $file = base_path('docs/schemas/'.basename($name, '.json').'.json');
        abort_unless(is_file($file), 404, "There is no schema “{$name}”.");

        return new Response((string) file_get_contents($file), 200, ['Content-Type' => 'application/schema+json']);
    }
}
