<?php

declare(strict_types=1);

namespace Standin\PellamStreet;

use Brick\Math\BigDecimal;
use Standin\Exchange\Closings;
use Standin\Exchange\Listing;
use Standin\Exchange\Market as Listed;
use Standin\Exchange\Problem;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Depth;
use Wexon\Core\Practice\PricePath;

/** Pellam Street's shares, from eight to half past four in its own zone, and their prices. */
final class Market implements Listed
{
    public const MONEY = 'GBP';

    private const SEED = 20_260_303;

    /** Value that the best price holds, in GBP. */
    private const FIRST_LEVEL = '40000';

    private const FEE = '0.0006';

    private const ZONE = 'Europe/London';

    private const SESSION = ['08:00', '16:30'];

    /** By share: company, price to stay around, daily move and largest jump in hundredths of a percent, step of sizes, spread in ticks, whether it is lent. */
    private const SHARES = [
        'ALDR' => ['Aldermere Looms', '38.46', 160, 70, '0.001', 3, true],
        'QLLN' => ['Quillon Ferries', '112.80', 210, 120, '0.001', 5, true],
        'TRNH' => ['Ternholt Mills', '7.34', 280, 150, '1', 2, false],
    ];

    /** @var array<string, Instrument> */
    private array $instruments = [];

    public function __construct(private readonly Closings $closings) {}

    public function names(): array
    {
        return array_keys(self::SHARES);
    }

    /** @throws Problem If there is no such share. */
    public function company(string $name): string
    {
        return self::SHARES[$this->instrument($name)->name][0];
    }

    public function instrument(string $name): Instrument
    {
        return $this->instruments[$name] ??= $this->made($name);
    }

    public function makerFee(string $name): string
    {
        return self::FEE;
    }

    public function depth(string $name, int $time): Depth
    {
        return Listing::depth($this->instrument($name), $this->path($name), self::SHARES[$name][5], self::FIRST_LEVEL, $time);
    }

    public function path(string $name): PricePath
    {
        [, $base, $move, $jump] = self::SHARES[$this->instrument($name)->name];

        return PricePath::of($name, self::SEED, $base, $move, $jump);
    }

    public function rate(string $name, int $time): BigDecimal
    {
        return BigDecimal::one();
    }

    /** What is held short is lent for a fee. */
    public function carry(string $name, bool $long): string
    {
        return $long ? '0' : '0.008';
    }

    public function carryAt(): string
    {
        return '22:00';
    }

    public function carryEvery(): int
    {
        return 24;
    }

    public function marginKind(): string
    {
        return 'cross';
    }

    /** @throws Problem If there is no such share. */
    private function made(string $name): Instrument
    {
        [, , , , $step, , $lent] = self::SHARES[$name] ?? throw Problem::of(404, 'unknown_instrument', "“{$name}” is not traded on Pellam Street.");

        return Instrument::of([
            'name' => $name,
            'kind' => 'share',
            'currency' => self::MONEY,
            'tick' => '0.01',
            'lot_step' => $step,
            'least_size' => $step,
            'least_notional' => '1',
            'multiplier' => '1',
            'taker_fee' => self::FEE,
            'largest_leverage' => (string) FrontOffice::MARGIN_FACTOR,
            'shortable' => $lent,
            'hours' => $this->closings->hours($name, self::ZONE, array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], self::SESSION)),
        ]);
    }
}
