<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Steps\DebianPackages;
use Launch\Steps\Services;
use Launch\Trouble;

/** Renews the pictures of the main views from the running demo. */
final class Shots
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        $place = Place::of('main');
        if (! Services::areUp($place)) {
            throw new Trouble('The pictures are taken of the running demo. Start it: bin/wexon up');
        }
        DebianPackages::install(DebianPackages::FOR_TESTS);
        $demo = json_decode((string) file_get_contents($place->path('demo.json')), true, flags: JSON_THROW_ON_ERROR);

        return Shell::show(['node', 'tests/Browser/shots.cjs', $place->url(), $demo['email'], $demo['password'], 'docs/screenshots'], [
            'NODE_PATH' => Place::root().'/ui/node_modules',
        ], Place::root());
    }
}
