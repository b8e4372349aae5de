<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Place;
use Launch\Shell;
use Launch\Trouble;

/** Starts, stops and asks the processes of a place, which supervisor looks after. */
final class Services
{
    private const WORK = ['worker:*', 'scheduler', 'watcher', 'held', 'told', 'protector:*', 'bench'];

    private const BUSY = ['php-fpm', 'nginx', 'mail', ...self::WORK];

    public static function areUp(Place $place): bool
    {
        return is_file($place->path('supervisor.conf')) && self::control($place, ['pid'])[0] === 0;
    }

    /** @throws Trouble If another program listens on one of our ports. */
    public static function refuseTakenPorts(Place $place): void
    {
        foreach ($place->ports() as $what => $port) {
            $connection = @fsockopen('127.0.0.1', $port, $code, $message, 0.3);
            if ($connection !== false) {
                fclose($connection);
                throw new Trouble("Port {$port} ({$what}) is taken by another program. Choose others with --port N: eleven from N on are used.");
            }
        }
    }

    public static function startSupervisor(Place $place): void
    {
        Shell::run(['supervisord', '-c', $place->path('supervisor.conf')], onFailure: 'The processes could not be started.');
    }

    /** All that works on what is stored; the servers go on. */
    public static function pauseWork(Place $place): void
    {
        self::control($place, ['stop', ...self::WORK]);
    }

    public static function start(Place $place): void
    {
        [$status, $said] = self::control($place, ['start', ...self::BUSY]);
        if (str_contains($said, 'ERROR (spawn') || str_contains($said, 'ERROR (no such')) {
            throw new Trouble("Not everything started (status {$status}):\n    ".str_replace("\n", "\n    ", $said)."\nLook at bin/wexon logs.");
        }
    }

    /** Lets the long-running processes take up changed code. */
    public static function renew(Place $place): void
    {
        self::control($place, ['restart', 'php-fpm', 'mail', ...self::WORK]);
    }

    public static function stop(Place $place): void
    {
        if (! self::areUp($place)) {
            return;
        }
        self::control($place, ['shutdown']);
        for ($i = 0; $i < 600 && is_file($place->path('run/supervisor.pid')); $i++) {
            usleep(100_000);
            clearstatcache();
        }
    }

    /** @throws Trouble If it does not answer in time. */
    public static function waitUntilAnswering(Place $place, int $seconds = 40): void
    {
        $wanted = [$place->url().'/api/v1/openapi.json', "http://127.0.0.1:{$place->port('quarrystone')}/v1/time"];
        $until = microtime(true) + $seconds;
        foreach ($wanted as $url) {
            while (@file_get_contents($url, false, stream_context_create(['http' => ['timeout' => 5]])) === false) {
                if (microtime(true) > $until) {
                    throw new Trouble("{$url} does not answer. Look at bin/wexon logs.");
                }
                usleep(100_000);
            }
        }
    }

    /**
     * @param  list<string>  $words
     * @return array{int, string} Exit status and what was said.
     */
    public static function control(Place $place, array $words): array
    {
        exec(implode(' ', array_map(escapeshellarg(...), ['supervisorctl', '-c', $place->path('supervisor.conf'), ...$words])).' 2>&1', $said, $status);

        return [$status, implode("\n", $said)];
    }
}
