<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Illuminate\Database\Connection;
use Standin\Exchange\Clock;
use Standin\Exchange\Problem;
use Standin\Exchange\RateLimit;
use Symfony\Component\HttpFoundation\Request;

/**
 * Checks the signature of a request, and counts it: 20 orders and 60 other requests a second are taken from a key.
 *
 * QS-Signature is the hexadecimal HMAC-SHA256, with the key's secret, of time, method, path with query, and body, joined
 * by line feeds; QS-Time is in milliseconds since 1970.
 */
final class Door
{
    /** Largest difference between the sender's clock and ours, in milliseconds. */
    private const WINDOW = 5_000;

    private const PER_SECOND = ['orders' => 20, 'reads' => 60];

    /** @throws Problem If the key, the time or the signature is wrong. */
    public static function check(Connection $database, Request $request): Key
    {
        $row = $database->table('api_keys')
            ->join('accounts', 'accounts.id', '=', 'api_keys.account_id')
            ->where('api_keys.key', (string) $request->headers->get('QS-Key'))
            ->first(['api_keys.key', 'secret', 'account_id', 'permissions', 'environment', 'name']);
        if ($row === null) {
            throw Problem::of(401, 'bad_key', 'This key is not known here.');
        }
        $time = (string) $request->headers->get('QS-Time');
        $now = Clock::milliseconds();
        if (! ctype_digit($time) || abs($now - (int) $time) > self::WINDOW) {
            throw Problem::of(401, 'stale_time', "QS-Time is “{$time}”, but the time here is {$now}; at most ".self::WINDOW.' ms apart is taken.');
        }
        $expected = hash_hmac('sha256', implode("\n", [$time, $request->getMethod(), $request->getRequestUri(), $request->getContent()]), $row->secret);
        if (! hash_equals($expected, (string) $request->headers->get('QS-Signature'))) {
            throw Problem::of(401, 'bad_signature', 'The signature does not fit the request and the secret of this key.');
        }

        return new Key($row->key, (int) $row->account_id, explode(',', $row->permissions), $row->environment, $row->name);
    }

    /**
     * @return array<string, string> The headers that tell where the sender stands.
     *
     * @throws Problem If it is one too many.
     */
    public static function count(Connection $database, Key $key, string $method): array
    {
        $kind = $method === 'GET' ? 'reads' : 'orders';
        $limit = self::PER_SECOND[$kind];
        ['remaining' => $remaining, 'wait' => $wait] = (new RateLimit($database, $limit, 1_000))->count("{$kind}:{$key->key}");

        return $remaining >= 0
            ? ['RateLimit-Limit' => (string) $limit, 'RateLimit-Remaining' => (string) $remaining, 'RateLimit-Reset' => '1']
            : throw Problem::busy("At most {$limit} {$kind} a second are taken.", $wait);
    }
}
