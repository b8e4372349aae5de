<?php

declare(strict_types=1);

namespace Wexon\Core\Inlet;

/**
 * What a script puts beside a message to show that it knows the inlet's signing secret: the time in seconds since 1970, and
 * HMAC-SHA256 (RFC 2104, RFC 6234) over "time.body" in hex. The time keeps an old message from being sent again.
 */
final class Signature
{
    /** Seconds by which the clocks may differ. */
    public const TOLERANCE = 300;

    public static function of(string $secret, string $time, string $body): string
    {
        return hash_hmac('sha256', "{$time}.{$body}", $secret);
    }

    /**
     * @param  int  $now  Seconds since 1970.
     * @return string|null What is wrong with it; null when nothing is.
     */
    public static function trouble(string $secret, ?string $time, ?string $signature, string $body, int $now): ?string
    {
        if ($time === null || $signature === null || $time === '' || $signature === '') {
            return 'This inlet takes signed messages only: send X-Wexon-Time and X-Wexon-Signature, as docs/inlets.md shows.';
        }
        if (! ctype_digit($time) || abs($now - (int) $time) > self::TOLERANCE) {
            return 'X-Wexon-Time is more than '.self::TOLERANCE.' seconds away from the time here: set the clock, and sign each message anew.';
        }

        return hash_equals(self::of($secret, $time, $body), strtolower($signature)) ? null : 'The signature is not that of this message: sign “time.body” with HMAC-SHA256 and the inlet\'s secret, byte for byte as it is sent.';
    }
}
