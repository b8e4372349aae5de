<?php

declare(strict_types=1);

namespace Launch\Steps;

use Launch\Place;
use Launch\Shell;
use Launch\Trouble;

/** Our own MariaDB: its data folder, and the user that everything connects as. */
final class Database
{
    public static function makeFolder(Place $place): void
    {
        if (is_dir($place->path('mariadb/mysql'))) {
            return;
        }
        $user = posix_getpwuid(posix_geteuid())['name'] ?? 'root';
        Shell::run([
            'mariadb-install-db', '--no-defaults', "--datadir={$place->path('mariadb')}", "--user={$user}", '--skip-test-db',
            '--auth-root-authentication-method=socket', "--auth-root-socket-user={$user}",
        ], onFailure: 'The database folder could not be made.');
    }

    public static function makeUser(Place $place): void
    {
        $environment = $place->environment();
        $password = $environment['DB_PASSWORD'];
        $sql = <<<SQL
            CREATE DATABASE IF NOT EXISTS wexon CHARACTER SET utf8mb4;
            CREATE USER IF NOT EXISTS wexon@'127.0.0.1' IDENTIFIED BY '{$password}';
            ALTER USER wexon@'127.0.0.1' IDENTIFIED BY '{$password}';
            GRANT ALL ON `wexon%`.* TO wexon@'127.0.0.1';
            GRANT ALL ON `quarrystone`.* TO wexon@'127.0.0.1';
            GRANT ALL ON `larkmoor`.* TO wexon@'127.0.0.1';
            GRANT ALL ON `pellam\_street`.* TO wexon@'127.0.0.1';
            GRANT ALL ON `bench`.* TO wexon@'127.0.0.1';
            SQL;
        $client = proc_open(['mariadb', '--no-defaults', "--socket={$place->socket('mariadb')}"], [['pipe', 'r'], ['file', '/dev/null', 'w'], ['pipe', 'w']], $pipes);
        if (! is_resource($client)) {
            throw new Trouble('The database client could not be started.');
        }
        fwrite($pipes[0], $sql);
        fclose($pipes[0]);
        $said = (string) stream_get_contents($pipes[2]);
        if (proc_close($client) !== 0) {
            throw new Trouble("The database user could not be made: {$said}");
        }
    }

    /** @throws Trouble If it does not answer in time. */
    public static function waitFor(Place $place, int $seconds = 60): void
    {
        $until = microtime(true) + $seconds;
        while (microtime(true) < $until) {
            exec("mariadb-admin --no-defaults --socket={$place->socket('mariadb')} ping 2>/dev/null", $said, $status);
            if ($status === 0) {
                return;
            }
            usleep(100_000);
        }
        throw new Trouble("The database did not start within {$seconds} seconds. Its log: {$place->path('log/mariadb.log')}");
    }
}
