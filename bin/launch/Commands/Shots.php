<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Steps\DebianPackages;
use Launch\Steps\Demo;

/** Renews the pictures of the main views from the running demo. */
final class Shots
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        $place = Place::of('main');
        $demo = Demo::running($place);
        DebianPackages::install(DebianPackages::FOR_TESTS);

        return Shell::show(['node', 'tests/Browser/shots.cjs', $place->url(), $demo['email'], $demo['password'], 'docs/screenshots', "http://127.0.0.1:{$place->port('bench')}/"], [
            'NODE_PATH' => Place::root().'/ui/node_modules',
        ], Place::root());
    }
}
