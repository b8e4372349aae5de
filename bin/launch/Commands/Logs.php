<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Trouble;

final class Logs
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        $place = Place::of('main');
        $pattern = isset($words[0]) ? "log/{$words[0]}*.log" : 'log/*.log';
        $files = [...(glob($place->path($pattern)) ?: []), ...(in_array($words[0] ?? 'app', ['app'], true) ? (glob($place->path('storage/logs/*.log')) ?: []) : [])];
        if ($files === []) {
            $known = array_map(static fn (string $file): string => basename($file, '.log'), glob($place->path('log/*.log')) ?: []);
            throw new Trouble('There is no such log. Known are: app '.implode(' ', $known));
        }

        return Shell::show(['tail', '-n', '20', '-F', ...$files]);
    }
}
