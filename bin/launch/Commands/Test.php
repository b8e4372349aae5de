<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Beside;
use Launch\Place;
use Launch\Shell;
use Launch\Steps\DebianPackages;
use Launch\Steps\House;
use Launch\Steps\Packages;
use Launch\Steps\Services;
use Launch\Terminal;

/** Runs everything: rules, application, screens, static checks. On its own servers and database. */
final class Test
{
    private const PARTS = ['core', 'app', 'browser', 'outages', 'static'];

    private const MOST_ERRORS = 10;

    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, self::PARTS);
        $parts = $words === [] ? self::PARTS : $words;
        $started = microtime(true);
        DebianPackages::install(DebianPackages::FOR_TESTS);
        Packages::install();
        Packages::buildScreens();
        $place = Place::of('test');
        $needsServers = array_intersect($parts, ['app', 'browser', 'outages']) !== [];
        if ($needsServers) {
            House::throwAway($place);
            House::bringUp($place);
            is_dir($place->path('crash-at')) || mkdir($place->path('crash-at'));
        }
        $beside = null;
        $failed = array_filter($parts, function (string $part) use ($parts, $place, &$beside): bool {
            // Outages are mostly waited for: the static checks run meanwhile.
            $beside ??= $part === 'outages' && in_array('static', $parts, true) ? Beside::start([PHP_BINARY, 'bin/wexon', 'check'], Place::root()) : null;
            Terminal::say("\n== {$part}");

            return ($part === 'static' && $beside !== null ? self::told($beside) : $this->part($part, $place)) !== 0;
        });
        if ($needsServers) {
            Services::stop($place);
            $failed === [] || self::tellErrors($place);
        }
        Terminal::say(sprintf("\n%s, after %.0f s.", $failed === [] ? 'Everything passed' : 'Failed: '.implode(', ', $failed), microtime(true) - $started));

        return $failed === [] ? 0 : 1;
    }

    /** What the servers themselves said of a failure, which a test sees only as an answer. */
    private static function tellErrors(Place $place): void
    {
        $log = $place->path('storage/logs/laravel.log');
        $errors = is_file($log) ? preg_grep('/\.ERROR: /', file($log) ?: []) ?: [] : [];
        foreach (array_slice($errors, -self::MOST_ERRORS) as $error) {
            Terminal::say('  log: '.substr(trim($error), 0, 600));
        }
    }

    private static function told(Beside $beside): int
    {
        [$status, $said] = $beside->finish();
        Terminal::say(trim($said));

        return $status;
    }

    private function part(string $part, Place $place): int
    {
        $paratest = ['php', 'vendor/bin/paratest', '--colors=never', '--no-coverage'];

        return match ($part) {
            'core' => Shell::show([...$paratest, '--testsuite', 'core', '-p2', '--functional', '--max-batch-size', '200'], in: Place::root()),
            'app' => Shell::show([...$paratest, '--testsuite', 'app', '-p4', '--functional'], $place->environment(), Place::root()),
            'outages' => Shell::show(['php', 'vendor/bin/phpunit', '--colors=never', '--no-coverage', '--testsuite', 'outages'], $place->environment(), Place::root()),
            'browser' => Shell::show(['npm', 'run', '--silent', 'test:browser'], [
                'WEXON_URL' => $place->url(),
                'WEXON_BENCH_URL' => "http://127.0.0.1:{$place->port('bench')}",
                'WEXON_VENUE_URL' => "http://127.0.0.1:{$place->port('quarrystone')}",
                'NODE_PATH' => Place::root().'/ui/node_modules',
            ], Place::root().'/ui'),
            default => (new Check)->run([]),
        };
    }
}
