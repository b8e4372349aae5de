<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Steps\DebianPackages;
use Launch\Steps\Demo;
use Launch\Steps\House;
use Launch\Steps\Packages;
use Launch\Steps\Services;
use Launch\Terminal;
use Launch\Trouble;

final class Up
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, ['--fresh', '--port']);
        $started = microtime(true);
        DebianPackages::install();
        Packages::install();
        Packages::buildScreens();
        $place = Place::of('main', Arguments::port($words));
        if (Arguments::has($words, '--fresh')) {
            Terminal::step('Throwing the old data away', static fn () => House::throwAway($place));
        } elseif (Services::areUp($place) && $place->firstPort !== Place::of('main')->firstPort) {
            throw new Trouble('Wexon is running on another port. Stop it first: bin/wexon down');
        }
        House::bringUp($place);
        $demo = Terminal::step('Setting up the demo desk', static fn (): array => Demo::setUp($place));
        Demo::hasPast($place) || Terminal::step('Letting it have traded for some weeks', static fn () => Demo::giveIt($place));
        Terminal::step('Setting up the charts on the bench', static fn () => Demo::startCharts($place));
        $this->greet($place, $demo, microtime(true) - $started);

        return 0;
    }

    /** @param  array{email: string, password: string, inlets: array<string, string>}  $demo */
    private function greet(Place $place, array $demo, float $seconds): void
    {
        $address = array_values($demo['inlets'])[0];
        Terminal::say(sprintf(<<<'TEXT'

            Wexon is up, after %.1f s.

              %s
              sign in as  %s
              password    %s

            Send it a message; the order is on the Panel within a second:

              curl -d '{"do": "buy", "symbol": "OSTRA/USD", "label": "my first"}' %s

            The charts to practise on, which feed the demo:  http://127.0.0.1:%d

            TEXT, $seconds, $place->url(), $demo['email'], $demo['password'], $address, $place->port('bench')));
    }
}
