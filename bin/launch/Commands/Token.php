<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Steps\Demo;

final class Token
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        $place = Place::of('main');
        echo Shell::run(['php', 'artisan', 'wexon:token', Demo::running($place)['email']], $place->environment(), Place::root());

        return 0;
    }
}
