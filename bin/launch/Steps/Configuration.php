<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Place;
use Launch\Shell;
use Launch\Trouble;

/** Writes the configuration of every server from the templates beside this folder. */
final class Configuration
{
    public static function write(Place $place): void
    {
        $environment = $place->environment();
        $values = [
            'root' => Place::root(),
            'folder' => $place->folder,
            'user' => posix_geteuid() === 0 ? 'user root;' : '',
            'db_user' => posix_geteuid() === 0 ? '--user=root' : '',
            'fpm_root' => posix_geteuid() === 0 ? '-R' : '',
            'db_socket' => $place->socket('mariadb'),
            'supervisor_socket' => $place->socket('supervisor'),
            'supervisor_user' => posix_geteuid() === 0 ? 'user=root' : '',
            'workers' => '4',
            // Tests kill the database, not the machine: what was written survives that without waiting for the disk each time.
            'flush' => $place->name === 'test' ? '2' : '1',
            'mariadbd' => self::program('mariadbd'),
            'php-fpm' => self::program('php-fpm8.2'),
            'nginx' => self::program('nginx'),
            'environment' => implode(',', array_map(static fn (string $name, string $value): string => $name.'="'.str_replace('%', '%%', $value).'"', array_keys($environment), $environment)),
        ];
        foreach ($place->ports() as $what => $port) {
            $values["port_{$what}"] = (string) $port;
        }
        foreach (['nginx.conf', 'php-fpm.conf', 'supervisor.conf'] as $file) {
            $template = (string) file_get_contents(Place::root()."/bin/launch/templates/{$file}");
            file_put_contents($place->path($file), preg_replace_callback('/@([a-z_-]+)@/', static fn (array $m): string => $values[$m[1]], $template));
            chmod($place->path($file), 0600);
        }
        file_put_contents($place->path('.env'), implode("\n", array_map(static fn (string $name, string $value): string => "{$name}=\"{$value}\"", array_keys($environment), $environment))."\n");
        chmod($place->path('.env'), 0600);
    }

    private static function program(string $name): string
    {
        return Shell::where($name) ?? throw new Trouble("{$name} is not on this machine, though its package is. Install the package again.");
    }
}
