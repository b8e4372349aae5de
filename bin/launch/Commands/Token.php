<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Steps\Services;
use Launch\Trouble;

final class Token
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        $place = Place::of('main');
        if (! Services::areUp($place)) {
            throw new Trouble('Wexon is not running. Start it: bin/wexon up');
        }
        $demo = json_decode((string) file_get_contents($place->path('demo.json')), true, flags: JSON_THROW_ON_ERROR);
        echo Shell::run(['php', 'artisan', 'wexon:token', $demo['email']], $place->environment(), Place::root());

        return 0;
    }
}
