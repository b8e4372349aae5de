<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Illuminate\Database\Capsule\Manager;
use Illuminate\Database\Connection;
use RuntimeException;

/** A venue's own database, reached through Eloquent's query builder without the framework around it. */
final class Database
{
    /** @var array<string, Connection> By venue. */
    private static array $connections = [];

    /** @param  string  $venue  As its database is called. */
    public static function of(string $venue): Connection
    {
        return self::$connections[$venue] ??= self::connect($venue);
    }

    /**
     * Makes a venue's database and its tables if they are not there: those that every venue has, and its own.
     *
     * @throws RuntimeException If they were made from another schema.
     */
    public static function installVenue(string $venue, string $ownSchema): Connection
    {
        return self::install($venue, file_get_contents(__DIR__.'/schema.sql').$ownSchema);
    }

    /** @throws RuntimeException If the tables were made from another schema. */
    public static function install(string $venue, string $schema): Connection
    {
        self::connect('')->statement("CREATE DATABASE IF NOT EXISTS `{$venue}` CHARACTER SET utf8mb4");
        $made = self::madeFrom($venue);
        if ($made !== null && $made !== md5($schema)) {
            throw new RuntimeException('The tables of the practice venues or of the bench have changed since they were made. Start over: bin/wexon up --fresh');
        }
        foreach (array_filter(array_map(trim(...), explode(';', $schema)), static fn (string $sql): bool => $sql !== '') as $statement) {
            self::of($venue)->statement($statement);
        }
        self::of($venue)->table('made_from')->insertOrIgnore(['schema_hash' => md5($schema)]);

        return self::of($venue);
    }

    /** The hash of the schema that the tables were made from; null when there are none. */
    private static function madeFrom(string $venue): ?string
    {
        $hash = self::of($venue)->getSchemaBuilder()->hasTable('made_from') ? self::of($venue)->table('made_from')->value('schema_hash') : null;

        return is_string($hash) ? $hash : null;
    }

    private static function connect(string $name): Connection
    {
        $manager = new Manager;
        $manager->addConnection([
            'driver' => 'mysql',
            'host' => '127.0.0.1',
            'port' => getenv('DB_PORT'),
            'database' => $name,
            'username' => getenv('DB_USERNAME'),
            'password' => getenv('DB_PASSWORD'),
            'charset' => 'utf8mb4',
            'strict' => true,
        ]);

        return $manager->getConnection();
    }
}
