<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Place;
use Launch\Shell;
use Launch\Terminal;

/** Brings a whole place up: from installed packages to answering servers with an up-to-date database. */
final class House
{
    public static function bringUp(Place $place): void
    {
        $place->makeFolders();
        $running = Services::areUp($place);
        if (! $running) {
            Services::refuseTakenPorts($place);
            Configuration::write($place);
            Terminal::step('Starting the database', static function () use ($place): void {
                Database::makeFolder($place);
                Services::startSupervisor($place);
                Database::waitFor($place);
                Database::makeUser($place);
            });
        }
        Terminal::step('Bringing the tables up to date', static function () use ($place): void {
            Shell::run(['php', 'artisan', 'config:cache'], $place->environment(), Place::root());
            Shell::run(['php', 'artisan', 'route:cache'], $place->environment(), Place::root());
            Shell::run(['php', 'artisan', 'migrate', '--force'], $place->environment(), Place::root());
            Shell::run(['php', 'standins/bin/venues'], $place->environment(), Place::root());
        });
        Terminal::step($running ? 'Renewing the processes' : 'Starting the processes', static function () use ($place, $running): void {
            $running ? Services::renew($place) : Services::start($place);
            Services::waitUntilAnswering($place);
        });
    }

    public static function throwAway(Place $place): void
    {
        Services::stop($place);
        if (is_dir($place->folder)) {
            Shell::run(['rm', '-rf', $place->folder]);
        }
    }
}
