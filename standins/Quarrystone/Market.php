<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Standin\Exchange\Liquidation;
use Standin\Exchange\Listing;
use Standin\Exchange\Market as Listed;
use Standin\Exchange\Problem;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Depth;
use Wexon\Core\Practice\PricePath;

/** What Quarrystone trades, and at which prices at a given time. */
final class Market implements Listed
{
    private const SEED = 20_260_301;

    /** Value that the best price holds, in USD. */
    private const FIRST_LEVEL = '20000';

    private const MAKER_FEES = ['spot' => '0.0008', 'perpetual' => '0.0002'];

    private const TAKER_FEES = ['spot' => '0.001', 'perpetual' => '0.0005'];

    /** Percent, every eight hours. */
    private const FUNDING = '0.01';

    private const LARGEST_LEVERAGE = ['spot' => 1, 'perpetual' => 20];

    /** By coin: price to stay around, daily move and largest jump in hundredths of a percent, tick, lot step, spread in ticks. */
    private const COINS = [
        'MARL' => ['38.40', 350, 110, '0.01', '0.01', 2],
        'TUFA' => ['0.4120', 520, 180, '0.0001', '1', 2],
        'CHERT' => ['1840.0', 260, 80, '0.1', '0.001', 3],
        'SKARN' => ['6.150', 640, 240, '0.001', '0.1', 3],
        'GRIST' => ['0.0876', 580, 200, '0.0001', '1', 2],
        'WOLD' => ['124.0', 310, 100, '0.1', '0.01', 2],
        'PELM' => ['2.740', 450, 160, '0.001', '0.1', 2],
        'OSTRA' => ['17.20', 380, 140, '0.01', '0.01', 2],
        'BRACK' => ['0.6300', 490, 170, '0.0001', '1', 2],
        'HULVER' => ['412.0', 290, 90, '0.1', '0.001', 3],
    ];

    public function names(): array
    {
        $names = [];
        foreach (array_keys(self::COINS) as $coin) {
            $names[] = strtolower($coin).'_spot';
            $names[] = strtolower($coin).'_perp';
        }

        return $names;
    }

    public function instrument(string $name): Instrument
    {
        [$coin, $kind] = $this->parts($name);
        [, , , $tick, $lotStep] = self::COINS[$coin];

        return Instrument::of([
            'name' => $name,
            'kind' => $kind,
            'currency' => 'USD',
            'tick' => $tick,
            'lot_step' => $lotStep,
            'least_size' => $lotStep,
            'least_notional' => '5',
            'multiplier' => '1',
            'taker_fee' => self::TAKER_FEES[$kind],
            'largest_leverage' => (string) self::LARGEST_LEVERAGE[$kind],
        ]);
    }

    public function makerFee(string $name): string
    {
        return self::MAKER_FEES[$this->parts($name)[1]];
    }

    /** @return array<string, mixed> The instrument in the venue's own words. */
    public function listing(string $name): array
    {
        [$coin, $kind] = $this->parts($name);
        $instrument = $this->instrument($name);

        return [
            'instrument' => $name,
            'coin' => $coin,
            'type' => $kind,
            'quote_currency' => 'USD',
            'price_step' => (string) $instrument->tick,
            'size_step' => (string) $instrument->lotStep,
            'min_size' => (string) $instrument->leastSize,
            'min_value' => (string) $instrument->leastNotional,
            'contract_size' => '1',
            'fees' => ['maker' => self::MAKER_FEES[$kind], 'taker' => self::TAKER_FEES[$kind]],
            'max_leverage' => self::LARGEST_LEVERAGE[$kind],
            'maintenance' => $kind === 'spot' ? '0' : Liquidation::LEAST_SHARE,
        ];
    }

    public function depth(string $name, int $time): Depth
    {
        return Listing::depth($this->instrument($name), $this->path($name), self::COINS[$this->parts($name)[0]][5], self::FIRST_LEVEL, $time);
    }

    /** A coin and its perpetual go the same way. */
    public function path(string $name): PricePath
    {
        [$coin] = $this->parts($name);
        [$base, $move, $jump] = self::COINS[$coin];

        return PricePath::of($coin, self::SEED, $base, $move, $jump);
    }

    public function rate(string $name, int $time): BigDecimal
    {
        return BigDecimal::one();
    }

    /** Funding of perpetuals: the long pay the short. */
    public function carry(string $name, bool $long): string
    {
        return $this->parts($name)[1] === 'spot' ? '0' : ($long ? self::FUNDING : '-'.self::FUNDING);
    }

    public function carryAt(): string
    {
        return '00:00';
    }

    public function carryEvery(): int
    {
        return 8;
    }

    public function marginKind(): string
    {
        return 'isolated';
    }

    /**
     * @return array{string, 'spot'|'perpetual'}
     *
     * @throws Problem If there is no such instrument.
     */
    private function parts(string $name): array
    {
        $found = preg_match('/^([a-z]+)_(spot|perp)$/', $name, $parts) === 1 && isset(self::COINS[strtoupper($parts[1])]);
        if (! $found) {
            throw Problem::of(404, 'unknown_instrument', "No instrument “{$name}” is listed here.");
        }

        return [strtoupper($parts[1]), $parts[2] === 'spot' ? 'spot' : 'perpetual'];
    }
}
