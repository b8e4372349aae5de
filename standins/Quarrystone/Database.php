<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Illuminate\Database\Capsule\Manager;
use Illuminate\Database\Connection;

/** The venue's own database, reached through Eloquent's query builder without the framework around it. */
final class Database
{
    private static ?Connection $connection = null;

    public static function connection(): Connection
    {
        return self::$connection ??= self::connect(true);
    }

    /** Makes the database and its tables if they are not there. */
    public static function install(): void
    {
        $name = self::name();
        self::connect(false)->statement("CREATE DATABASE IF NOT EXISTS `{$name}` CHARACTER SET utf8mb4");
        foreach (array_filter(array_map(trim(...), explode(';', (string) file_get_contents(__DIR__.'/schema.sql'))), static fn (string $sql): bool => $sql !== '') as $statement) {
            self::connection()->statement($statement);
        }
    }

    private static function connect(bool $named): Connection
    {
        $manager = new Manager;
        $manager->addConnection([
            'driver' => 'mysql',
            'host' => '127.0.0.1',
            'port' => getenv('DB_PORT'),
            'database' => $named ? self::name() : '',
            'username' => getenv('DB_USERNAME'),
            'password' => getenv('DB_PASSWORD'),
            'charset' => 'utf8mb4',
            'strict' => true,
        ]);

        return $manager->getConnection();
    }

    private static function name(): string
    {
        return (string) getenv('QUARRYSTONE_DATABASE');
    }
}
