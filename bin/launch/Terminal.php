<?php

declare(strict_types=1);

namespace Launch;

/** What the person at the keyboard sees. */
final class Terminal
{
    public static function say(string $line = ''): void
    {
        echo $line, "\n";
    }

    public static function trouble(string $message): void
    {
        fwrite(STDERR, "\n✗ {$message}\n");
    }

    /**
     * Shows that a step has begun, and how long it took.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public static function step(string $what, callable $work): mixed
    {
        printf('  %-52s', $what.' …');
        flush();
        $started = microtime(true);
        $result = $work();
        printf("%6.1f s\n", microtime(true) - $started);

        return $result;
    }
}
