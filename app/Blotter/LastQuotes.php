<?php

namespace App\Blotter;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Wexon\Core\Market\Quote;

/** The prices that the watcher saw last, by "venue:instrument". */
final class LastQuotes
{
    private const KEY = 'last-quotes';

    /** Seconds after which a price is too old to show a profit by. */
    private const FRESH = 15;

    /** @param  array<string, Quote>  $quotes */
    public static function keep(array $quotes): void
    {
        Cache::put(self::KEY, array_map(static fn (Quote $quote): array => [
            (string) $quote->bid, (string) $quote->ask, $quote->at->format('Y-m-d\TH:i:s.up'),
        ], $quotes), self::FRESH);
    }

    /** @return array<string, Quote> */
    public static function all(): array
    {
        return array_map(
            static fn (array $row): Quote => Quote::of($row[0], $row[1], new CarbonImmutable($row[2])),
            Cache::get(self::KEY, []),
        );
    }
}
