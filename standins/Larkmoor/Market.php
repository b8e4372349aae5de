<?php

declare(strict_types=1);

namespace Standin\Larkmoor;

use Brick\Math\BigDecimal;
use Standin\Exchange\Closings;
use Standin\Exchange\Listing;
use Standin\Exchange\Market as Listed;
use Standin\Exchange\Problem;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Depth;
use Wexon\Core\Practice\PricePath;

/** Larkmoor's pairs, in lots of 100 000, from Sunday evening to Friday evening, and their prices. */
final class Market implements Listed
{
    /** The money that accounts are kept in. */
    public const MONEY = 'EUR';

    private const SEED = 20_260_302;

    private const LOT = '100000';

    /** Value that the best price holds, in the quote currency. */
    private const FIRST_LEVEL = '5000000';

    private const COMMISSION = '0.00003';

    private const LARGEST_LEVERAGE = '30';

    /** Points that a waiting price must be away from the market. */
    private const LEAST_POINTS = 20;

    private const WEEK = ['sun' => ['21:00', '24:00'], 'mon' => ['00:00', '24:00'], 'tue' => ['00:00', '24:00'], 'wed' => ['00:00', '24:00'], 'thu' => ['00:00', '24:00'], 'fri' => ['00:00', '21:00']];

    /** By pair: price to stay around, daily move and largest jump in hundredths of a percent, point, spread in points, nightly percent long and short. */
    private const PAIRS = [
        'NOK-SEK' => ['0.97400', 42, 18, '0.00001', 16, '0.0041', '0.0063'],
        'CHF-PLN' => ['4.2860', 55, 22, '0.0001', 12, '0.0124', '-0.0021'],
        'SGD-ZAR' => ['13.4200', 85, 40, '0.0001', 60, '-0.0085', '0.0212'],
    ];

    /** What one of a currency is worth in EUR, about. */
    private const WORTH = ['SEK' => '0.08810', 'PLN' => '0.23300', 'ZAR' => '0.05020'];

    /** @var array<string, Instrument> */
    private array $instruments = [];

    public function __construct(private readonly Closings $closings) {}

    public function names(): array
    {
        return array_keys(self::PAIRS);
    }

    public function instrument(string $name): Instrument
    {
        return $this->instruments[$name] ??= $this->made($name);
    }

    public function makerFee(string $name): string
    {
        return self::COMMISSION;
    }

    public function depth(string $name, int $time): Depth
    {
        return Listing::depth($this->instrument($name), $this->path($name), self::PAIRS[$name][4], self::FIRST_LEVEL, $time);
    }

    public function path(string $name): PricePath
    {
        [$base, $move, $jump] = self::PAIRS[$this->instrument($name)->name];

        return PricePath::of($name, self::SEED, $base, $move, $jump);
    }

    public function rate(string $name, int $time): BigDecimal
    {
        $currency = $this->instrument($name)->currency;

        return PricePath::of("{$currency}/".self::MONEY, self::SEED, self::WORTH[$currency], 35, 10)->at($time, 8);
    }

    public function carry(string $name, bool $long): string
    {
        return self::PAIRS[$name][$long ? 5 : 6];
    }

    public function carryAt(): string
    {
        return '21:00';
    }

    public function carryEvery(): int
    {
        return 24;
    }

    public function marginKind(): string
    {
        return 'cross';
    }

    /** @throws Problem If there is no such pair. */
    private function made(string $name): Instrument
    {
        [, , , $point] = self::PAIRS[$name] ?? throw Problem::of(404, 'unknown_instrument', "No pair “{$name}” here.");

        return Instrument::of([
            'name' => $name,
            'kind' => 'pair',
            'currency' => substr($name, 4),
            'tick' => $point,
            'lot_step' => '0.01',
            'least_size' => '0.01',
            'least_notional' => '0',
            'multiplier' => self::LOT,
            'taker_fee' => self::COMMISSION,
            'largest_leverage' => self::LARGEST_LEVERAGE,
            'least_distance' => (string) BigDecimal::of($point)->multipliedBy(self::LEAST_POINTS),
            'hours' => $this->closings->hours($name, 'UTC', self::WEEK),
        ]);
    }
}
