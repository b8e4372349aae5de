<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

/** At most so many requests per key and second: orders and the rest are counted apart. */
final class RateLimit
{
    private const PER_SECOND = ['orders' => 20, 'reads' => 60];

    /**
     * Counts one request.
     *
     * @return array<string, string> The headers that tell where the sender stands.
     *
     * @throws Problem If it is one too many.
     */
    public static function count(Key $key, string $method): array
    {
        $kind = $method === 'GET' ? 'reads' : 'orders';
        $limit = self::PER_SECOND[$kind];
        $now = Clock::milliseconds();
        $second = intdiv($now, 1000);
        $database = Database::connection();
        $database->statement(
            'INSERT INTO request_counts VALUES (?, ?, 1) ON DUPLICATE KEY UPDATE requests = IF(second = VALUES(second), requests + 1, 1), second = VALUES(second)',
            ["{$kind}:{$key->key}", $second],
        );
        $requests = (int) $database->table('request_counts')->where('bucket', "{$kind}:{$key->key}")->value('requests');
        $headers = [
            'RateLimit-Limit' => (string) $limit,
            'RateLimit-Remaining' => (string) max(0, $limit - $requests),
            'RateLimit-Reset' => '1',
        ];
        if ($requests > $limit) {
            throw Problem::of(429, 'too_many_requests', "At most {$limit} {$kind} a second are taken.", ['Retry-After' => '1', 'Retry-After-Ms' => (string) (1000 - $now % 1000), ...$headers]);
        }

        return $headers;
    }
}
