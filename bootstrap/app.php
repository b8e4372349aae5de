<?php

use App\Http\Middleware\NoContentSniffing;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

$var = getenv('WEXON_VAR') ?: dirname(__DIR__).'/var/main';
foreach (['SERVICES' => 'services', 'PACKAGES' => 'packages', 'CONFIG' => 'config', 'ROUTES' => 'routes-v7', 'EVENTS' => 'events'] as $name => $file) {
    $_ENV["APP_{$name}_CACHE"] = "{$var}/cache/{$file}.php";
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        commands: __DIR__.'/../routes/console.php',
        then: static fn () => Route::group([], __DIR__.'/../routes/internal.php'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Everything is served from one origin.
        $middleware->remove(HandleCors::class);
        // An empty text is an empty text, as whoever sent it wrote.
        $middleware->remove(ConvertEmptyStringsToNull::class);
        $middleware->statefulApi();
        $middleware->append(NoContentSniffing::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => true);
        $exceptions->dontFlash(['password', 'secret', 'key']);
    })
    ->create();

$app->useEnvironmentPath($var);
$app->useStoragePath("{$var}/storage");

return $app;
