<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Illuminate\Database\Capsule\Manager;
use Illuminate\Database\Connection;
use RuntimeException;

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
        $schema = (string) file_get_contents(__DIR__.'/schema.sql');
        $made = self::madeFrom();
        if ($made !== null && $made !== md5($schema)) {
            throw new RuntimeException('The tables of the practice venue have changed since they were made. Start over: bin/wexon up --fresh');
        }
        foreach (array_filter(array_map(trim(...), explode(';', $schema)), static fn (string $sql): bool => $sql !== '') as $statement) {
            self::connection()->statement($statement);
        }
        self::connection()->table('made_from')->insertOrIgnore(['schema_hash' => md5($schema)]);
    }

    /** The hash of the schema that the tables were made from; null when there are none. */
    private static function madeFrom(): ?string
    {
        $hash = self::connection()->getSchemaBuilder()->hasTable('made_from') ? self::connection()->table('made_from')->value('schema_hash') : null;

        return is_string($hash) ? $hash : null;
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
