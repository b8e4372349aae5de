<?php

namespace App\Dispatch;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * A lock that the database holds for this connection, and lets go the moment the connection dies: a worker that is
 * killed can leave nothing locked.
 */
final class NamedLock
{
    /**
     * Runs the work if nobody else holds the lock.
     *
     * @param  callable(): void  $work
     * @return bool False when somebody else holds it.
     */
    public static function run(string $name, callable $work): bool
    {
        $name = self::key($name);
        if ((int) DB::scalar('SELECT GET_LOCK(?, 0)', [$name]) !== 1) {
            return false;
        }
        try {
            $work();
        } finally {
            DB::scalar('SELECT RELEASE_LOCK(?)', [$name]);
        }

        return true;
    }

    /**
     * Waits for the lock, then runs the work.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     *
     * @throws RuntimeException If somebody else holds it for too long.
     */
    public static function hold(string $name, int $seconds, callable $work): mixed
    {
        $name = self::key($name);
        if ((int) DB::scalar('SELECT GET_LOCK(?, ?)', [$name, $seconds]) !== 1) {
            throw new RuntimeException("The lock {$name} was not free within {$seconds} seconds.");
        }
        try {
            return $work();
        } finally {
            DB::scalar('SELECT RELEASE_LOCK(?)', [$name]);
        }
    }

    /** Locks are shared by all databases of a server, and their names are short. */
    private static function key(string $name): string
    {
        return 'wexon:'.substr(hash('sha256', DB::getDatabaseName().':'.$name), 0, 48);
    }
}
