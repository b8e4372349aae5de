<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;

/** What prices did, in bars, up to now. */
final readonly class Bars
{
    private const MOST = 500;

    /** Looks at the price within a bar. */
    private const LOOKS = 6;

    public function __construct(private Exchange $exchange) {}

    /**
     * @param  int  $seconds  Of a bar.
     * @return list<array{int, string, string, string, string}> Begin in milliseconds since 1970, open, high, low, close; the last one is still going on.
     *
     * @throws Problem If there is no such instrument, or a bar has no length.
     */
    public function of(string $instrument, int $seconds, int $count): array
    {
        if ($seconds < 1 || $count < 1) {
            throw Problem::of(422, 'bad_bars', 'A bar is at least a second long, and at least one is asked for.');
        }
        $length = $seconds * 1000;
        $now = Clock::milliseconds();
        $first = intdiv($now, $length) - min($count, self::MOST) + 1;
        $bars = [];
        $last = null;
        for ($i = $first; $i * $length <= $now; $i++) {
            $prices = $last === null ? [] : [$last];
            for ($look = 0; $look < self::LOOKS; $look++) {
                $time = $i * $length + intdiv($length * $look, self::LOOKS - 1);
                $prices[] = $this->exchange->quote($instrument, min($time, $now))->bid;
            }
            $last = end($prices);
            $bars[] = [$i * $length, (string) $prices[0], (string) BigDecimal::max(...$prices), (string) BigDecimal::min(...$prices), (string) $last];
        }

        return $bars;
    }
}
