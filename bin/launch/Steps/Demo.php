<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Place;
use Launch\Shell;
use Launch\Trouble;

/**
 * The demo's desk: its login and its inlets' addresses.
 *
 * @phpstan-type Desk array{email: string, password: string, inlets: array<string, string>}
 */
final class Demo
{
    /** Of history. */
    private const DAYS = '15';

    /** @return Desk */
    public static function setUp(Place $place): array
    {
        $said = Shell::run(['php', 'artisan', 'wexon:demo'], $place->environment(), Place::root());
        file_put_contents($place->path('demo.json'), $said);
        chmod($place->path('demo.json'), 0600);

        return self::read($said);
    }

    public static function hasPast(Place $place): bool
    {
        return is_file($place->path('past.json'));
    }

    /** Nobody may be at work on the desk meanwhile. */
    public static function giveIt(Place $place): void
    {
        Services::pauseWork($place);
        $past = Shell::run(['php', 'standins/bin/bench-demo', 'past', self::DAYS, $place->path('demo.json')], $place->environment(), Place::root());
        file_put_contents($place->path('past.json.new'), $past);
        Shell::run(['php', 'artisan', 'wexon:demo-past', $place->path('past.json.new')], $place->environment(), Place::root());
        rename($place->path('past.json.new'), $place->path('past.json'));
        Services::start($place);
    }

    /** The alerts and scripts of the desk's traders, which feed it from now on. */
    public static function startCharts(Place $place): void
    {
        Shell::run(['php', 'standins/bin/bench-demo', 'live', $place->path('demo.json')], $place->environment(), Place::root());
    }

    /**
     * @return Desk
     *
     * @throws Trouble If it is not running.
     */
    public static function running(Place $place): array
    {
        if (! Services::areUp($place)) {
            throw new Trouble('Wexon is not running. Start it: bin/wexon up');
        }

        return self::read((string) file_get_contents($place->path('demo.json')));
    }

    /** @return Desk */
    private static function read(string $json): array
    {
        return json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }
}
