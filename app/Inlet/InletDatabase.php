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

    /** By its address, or by the one before while that still answers. */
    public function inlet(string $token): ?InletRow
    {
        $hash = hash('sha256', $token);

        return $this->find('token_hash = ?', [$hash]) ?? $this->find('previous_token_hash = ? AND previous_until > ?', [$hash, Moment::now()]);
    }

    /** By the local part of its mailbox. */
    public function inletOfMailbox(string $mailToken): ?InletRow
    {
        return $this->find('mail_token = ?', [strtolower($mailToken)]);
    }

    /** @param  list<string>  $values */
    private function find(string $where, array $values): ?InletRow
    {
        $statement = $this->pdo()->prepare("SELECT id, desk_id, per_minute, allowed_senders, phrase, signing_secret FROM inlets WHERE {$where}");
        $statement->execute($values);
        $row = $statement->fetch(PDO::FETCH_ASSOC);

        return is_array($row)
            ? new InletRow((int) $row['id'], (int) $row['desk_id'], (int) $row['per_minute'], json_decode((string) $row['allowed_senders'], true, flags: JSON_THROW_ON_ERROR), $row['phrase'], $row['signing_secret'])
            : null;
    }

    /** Counts a message that was not let in, by reason and day. */
    public function countRefusal(int $inletId, string $reason, string $sender): void
    {
        $this->pdo()->prepare('INSERT INTO inlet_refusals (inlet_id, day, reason, refusals, last_sender, last_at) VALUES (?, ?, ?, 1, ?, ?) ON DUPLICATE KEY UPDATE refusals = refusals + 1, last_sender = VALUES(last_sender), last_at = VALUES(last_at)')
            ->execute([$inletId, gmdate('Y-m-d'), $reason, substr($sender, 0, 190), Moment::now()]);
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
            'INSERT INTO messages (ulid, desk_id, inlet_id, body, content_type, headers, sender, dry, arrived_by, code, blanked, raw, rerun_of, state, received_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, \'stored\', ?)',
        )->execute([
            $message->ulid,
            $message->deskId,
            $message->inletId,
            $message->body,
            $message->contentType,
            json_encode($message->headers, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
            $message->sender,
            (int) $message->dry,
            $message->arrivedBy,
            $message->code,
            $message->blanked,
            $message->raw,
            $message->rerunOf,
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
