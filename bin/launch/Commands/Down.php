<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Steps\Services;
use Launch\Terminal;

final class Down
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        foreach (['main', 'test', 'bench'] as $name) {
            $place = Place::of($name);
            if (Services::areUp($place)) {
                Terminal::step("Stopping {$name}", static fn () => Services::stop($place));
            }
        }
        Terminal::say('Nothing of Wexon runs here any more. The data stays in var/.');

        return 0;
    }
}
