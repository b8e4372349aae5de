<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Steps\DebianPackages;
use Launch\Steps\House;
use Launch\Steps\Packages;
use Launch\Steps\Services;
use Launch\Terminal;

/** Measures on servers of its own. For figures worth keeping, stop the demo first. */
final class Bench
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        DebianPackages::install(DebianPackages::FOR_BENCH);
        Packages::install();
        Packages::buildScreens();
        $place = Place::of('bench');
        House::throwAway($place);
        House::bringUp($place);
        Shell::run(['php', 'artisan', 'wexon:demo', '--bench'], $place->environment(), Place::root());
        $status = $this->measure($place, 'reading') + $this->measure($place, 'decisions') + $this->measure($place, 'studies');
        Terminal::say('With the workers stopped:');
        Services::pauseWork($place);
        $status += $this->measure($place, 'inlet');
        Terminal::say('With the workers reading what comes in:');
        Services::start($place);
        $status += $this->measure($place, 'inlet') + $this->measure($place, 'orders') + $this->measure($place, 'grid') + $this->measure($place, 'protection');
        Services::stop($place);

        return $status === 0 ? 0 : 1;
    }

    private function measure(Place $place, string $part): int
    {
        return Shell::show(['php', 'artisan', 'wexon:bench', $part], $place->environment(), Place::root());
    }
}
