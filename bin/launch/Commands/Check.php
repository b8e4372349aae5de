<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Place;
use Launch\Shell;
use Launch\Steps\Packages;
use Launch\Terminal;

/** The static checks: types, house rules, formatting, on both sides. */
final class Check
{
    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        Arguments::allowOnly($words, []);
        Packages::install();
        Packages::makeApiTypes();
        $root = Place::root();
        $checks = [
            'types and house rules of the core' => [['php', 'vendor/bin/phpstan', 'analyse', '--no-progress', '--memory-limit=1G'], $root],
            'types and house rules of the rest' => [['php', 'vendor/bin/phpstan', 'analyse', '-c', 'phpstan-shell.neon', '--no-progress', '--memory-limit=1G'], $root],
            'format of the PHP' => [['php', 'vendor/bin/pint', '--test', '--quiet'], $root],
            'types of the screens' => [['npm', 'run', '--silent', 'check'], "{$root}/ui"],
            'lint of the screens' => [['npm', 'run', '--silent', 'lint'], "{$root}/ui"],
            'format of the screens' => [['npm', 'run', '--silent', 'format'], "{$root}/ui"],
        ];
        $failed = 0;
        foreach (Shell::together($checks) as $name => [$status, $said]) {
            Terminal::say(trim($said));
            Terminal::say(($status === 0 ? '✓ ' : '✗ ').$name);
            $failed += $status === 0 ? 0 : 1;
        }

        return $failed === 0 ? 0 : 1;
    }
}
