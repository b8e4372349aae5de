<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Shell;
use Launch\Terminal;
use Launch\Trouble;

/** Installs what is missing of the Debian packages. */
final class DebianPackages
{
    private const PACKAGES = [
        'php8.2-fpm', 'php8.2-curl', 'php8.2-zip', 'php8.2-mysql', 'php8.2-bcmath', 'php8.2-gmp', 'php8.2-intl', 'php8.2-xml',
        'php8.2-mbstring', 'unzip', 'nginx', 'libnginx-mod-nchan', 'mariadb-server', 'supervisor',
    ];

    public const FOR_TESTS = ['chromium'];

    public const FOR_BENCH = ['wrk'];

    /** @param  list<string>  $also */
    public static function install(array $also = []): void
    {
        $missing = array_filter([...self::PACKAGES, ...$also], static fn (string $package): bool => ! self::isInstalled($package));
        if ($missing === []) {
            return;
        }
        Terminal::step('Installing '.count($missing).' Debian packages', static function () use ($missing): void {
            $names = implode(' ', $missing);
            if (! Shell::has('apt-get')) {
                throw new Trouble("This needs Debian 12. Install these by hand, then start again: {$names}");
            }
            $root = posix_geteuid() === 0 ? [] : ['sudo', '-n'];
            $byHand = "These Debian packages are missing and could not be installed. Run\n    apt-get update && apt-get install {$names}\nas root, then start again.";
            $quiet = ['DEBIAN_FRONTEND' => 'noninteractive'];
            Shell::run([...$root, 'apt-get', 'update', '-qq'], $quiet, onFailure: $byHand);
            Shell::run([...$root, 'apt-get', 'install', '-y', '-qq', '--no-install-recommends', ...$missing], $quiet, onFailure: $byHand);
        });
    }

    private static function isInstalled(string $package): bool
    {
        $state = [];
        exec('dpkg-query -W -f=\'${Status}\' '.escapeshellarg($package).' 2>/dev/null', $state);

        return str_contains($state[0] ?? '', 'install ok installed');
    }
}
