<?php

namespace App\Demo;

use App\Models\Instrument;
use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Carbon\CarbonImmutable;
use Wexon\Core\Market\Quote;

/** The prices that there were, as the bench tells them: the close of each quarter of an hour. */
final readonly class PastPrices
{
    /** @param  array<string, array{spread: int, rate: string, closes: list<array{int, string}>}>  $prices  By "venue:instrument"; times in milliseconds since 1970. */
    public function __construct(private array $prices) {}

    /** @return list<string> Instruments of a venue. */
    public function of(string $venue): array
    {
        $own = array_filter(array_keys($this->prices), static fn (string $key): bool => str_starts_with($key, "{$venue}:"));

        return array_map(static fn (string $key): string => substr($key, strlen($venue) + 1), array_values($own));
    }

    public function quote(string $venue, string $instrument, CarbonImmutable $at): Quote
    {
        $of = $this->prices["{$venue}:{$instrument}"];
        $value = Instrument::listed($venue, $instrument);
        $middle = BigDecimal::of($this->before($of['closes'], (int) $at->getPreciseTimestamp(3)));
        $half = $value->tick->multipliedBy(BigInteger::of($of['spread'])->quotient(2));
        $bid = $middle->minus($half);

        return Quote::of($bid, $bid->plus($value->tick->multipliedBy($of['spread'])), $at, $of['rate']);
    }

    /**
     * The last close that there was by then, found by halving.
     *
     * @param  list<array{int, string}>  $closes
     */
    private function before(array $closes, int $time): string
    {
        $from = 0;
        $to = count($closes);
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            [$from, $to] = $closes[$middle][0] <= $time ? [$middle + 1, $to] : [$from, $middle];
        }

        return $closes[max(0, $from - 1)][1];
    }
}
