<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Place;
use Launch\Shell;
use Launch\Terminal;

/** Installs the PHP and npm packages and builds the front end. */
final class Packages
{
    public static function install(): void
    {
        Stamp::unlessMade('vendor/autoload.php', ['composer.json'], static fn () => Terminal::step('Installing the PHP packages', static function (): void {
            Shell::run(['composer', 'install', '--no-interaction', '--no-progress', '--quiet'], ['COMPOSER_ALLOW_SUPERUSER' => '1'], Place::root(), 'The PHP packages could not be installed. Is the package registry in reach?');
            // Some archives unpack without read permission for other users.
            Shell::run(['chmod', '-R', 'a+rX', 'vendor'], in: Place::root());
        }));
        Stamp::unlessMade('ui/node_modules', ['ui/package-lock.json'], static fn () => Terminal::step('Installing the npm packages', static function (): void {
            // Not “npm ci”: the registry lacks some builds for other systems, and it refuses a lock file without them.
            Shell::run(['npm', 'install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], in: Place::root().'/ui', onFailure: 'The npm packages could not be installed. Is the package registry in reach?');
        }));
    }

    public static function buildScreens(): void
    {
        Stamp::unlessMade('public/build', ['ui', 'docs/api'], static fn () => Terminal::step('Building the screens', static function (): void {
            self::makeApiTypes();
            Shell::run(['npm', 'run', '--silent', 'build'], in: Place::root().'/ui');
        }));
    }

    public static function makeApiTypes(): void
    {
        $place = Place::of('main');
        $place->makeFolders();
        $description = Shell::run(['php', 'artisan', 'wexon:describe-api'], ['LOG_CHANNEL' => 'null'] + $place->environment(), Place::root());
        file_put_contents(Place::root().'/ui/src/api/openapi.json', $description);
        Shell::run(['npm', 'run', '--silent', 'api-types'], in: Place::root().'/ui');
    }
}
