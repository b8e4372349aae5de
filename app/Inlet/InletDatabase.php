<?php

declare(strict_types=1);

namespace App\Inlet;

use PDO;
use SensitiveParameter;

/** The inlet's own way to the database: one kept connection, and the few statements that an answer needs. */
final class InletDatabase
{
    /** What the queue needs to call {@see \App\Jobs\ReadMessages}, which has no properties. */
    private const COMMAND = 'O:21:"App\\Jobs\\ReadMessages":0:{}';

    private ?PDO $connection = null;

    private function __construct(
        private readonly string $dsn,
        private readonly string $user,
        #[SensitiveParameter] private readonly string $password,
    ) {}

    public static function fromEnvironment(): self
    {
        return new self(
            sprintf('mysql:host=127.0.0.1;port=%s;dbname=%s;charset=utf8mb4', getenv('DB_PORT'), getenv('DB_DATABASE')),
            (string) getenv('DB_USERNAME'),
            (string) getenv('DB_PASSWORD'),
        );
    }

    /** @return array{id: int, desk_id: int, per_minute: int}|null */
    public function inlet(string $token): ?array
    {
        $statement = $this->pdo()->prepare('SELECT id, desk_id, per_minute FROM inlets WHERE token_hash = ?');
        $statement->execute([hash('sha256', $token)]);
        $row = $statement->fetch(PDO::FETCH_ASSOC);

        return is_array($row)
            ? ['id' => (int) $row['id'], 'desk_id' => (int) $row['desk_id'], 'per_minute' => (int) $row['per_minute']]
            : null;
    }

    /**
     * Counts one more message in a minute. The counts are kept in memory, and begin anew when the database does.
     *
     * @param  int  $minute  Minutes since 1970.
     * @return int How many there were with this one.
     */
    public function count(int $inletId, int $minute): int
    {
        $this->pdo()->prepare('INSERT INTO inlet_counts VALUES (?, ?, LAST_INSERT_ID(1)) ON DUPLICATE KEY UPDATE messages = LAST_INSERT_ID(IF(minute = VALUES(minute), messages + 1, 1)), minute = VALUES(minute)')
            ->execute([$inletId, $minute]);

        return (int) $this->pdo()->lastInsertId();
    }

    /** Puts the message and the job that will read it on disk, together. */
    public function store(StoredMessage $message): void
    {
        $this->pdo()->beginTransaction();
        $this->pdo()->prepare(
            'INSERT INTO messages (ulid, desk_id, inlet_id, body, content_type, headers, sender, dry, state, received_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, \'stored\', ?)',
        )->execute([
            $message->ulid,
            $message->deskId,
            $message->inletId,
            $message->body,
            $message->contentType,
            json_encode($message->headers, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
            $message->sender,
            (int) $message->dry,
            $message->receivedAt,
        ]);
        $this->pdo()->prepare('INSERT INTO jobs (queue, payload, attempts, available_at, created_at) VALUES (\'intake\', ?, 0, UNIX_TIMESTAMP(), UNIX_TIMESTAMP())')
            ->execute([self::payload()]);
        $this->pdo()->commit();
    }

    /** Connects at the first use, and keeps the connection for the next request. */
    private function pdo(): PDO
    {
        return $this->connection ??= new PDO($this->dsn, $this->user, $this->password, [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            PDO::ATTR_PERSISTENT => true,
            PDO::ATTR_TIMEOUT => 3,
        ]);
    }

    /** A job in the form that the framework's queue reads. */
    private static function payload(): string
    {
        return json_encode([
            'uuid' => vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex(random_bytes(16)), 4)),
            'displayName' => 'App\\Jobs\\ReadMessages',
            'job' => 'Illuminate\\Queue\\CallQueuedHandler@call',
            'maxTries' => null,
            'maxExceptions' => null,
            'failOnTimeout' => false,
            'backoff' => null,
            'timeout' => null,
            'data' => ['commandName' => 'App\\Jobs\\ReadMessages', 'command' => self::COMMAND],
        ], JSON_THROW_ON_ERROR);
    }
}
