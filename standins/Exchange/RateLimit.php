<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Illuminate\Database\Connection;

/** At most so many requests in a window, counted by whoever asks. */
final readonly class RateLimit
{
    /** @param  int  $window  Milliseconds, counted from the full hour. */
    public function __construct(private Connection $database, private int $most, private int $window) {}

    /**
     * Counts one request.
     *
     * @return array{remaining: int, wait: int} What is left in this window, and milliseconds until the next.
     */
    public function count(string $bucket): array
    {
        $now = Clock::milliseconds();
        $this->database->statement(
            'INSERT INTO request_counts VALUES (?, ?, 1) ON DUPLICATE KEY UPDATE requests = IF(second = VALUES(second), requests + 1, 1), second = VALUES(second)',
            [$bucket, intdiv($now, $this->window)],
        );
        $requests = (int) $this->database->table('request_counts')->where('bucket', $bucket)->value('requests');

        return ['remaining' => $this->most - $requests, 'wait' => $this->window - $now % $this->window];
    }
}
