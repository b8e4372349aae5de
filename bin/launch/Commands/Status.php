<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Steps\Services;
use Launch\Terminal;

final class Status
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        $place = Place::of('main');
        if (! Services::areUp($place)) {
            Terminal::say('Wexon is not running. Start it: bin/wexon up');

            return 3;
        }
        Terminal::say($place->url());
        Terminal::say(Services::control($place, ['status'])[1]);

        return 0;
    }
}
