<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Position\Position;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Route\RouteState;

/** Small worlds for decisions to be made in. */
final class Worlds
{
    /** @param  array<string, string>  $changes */
    public static function instrument(array $changes = []): Instrument
    {
        return Instrument::of([
            'name' => 'marl_perp', 'kind' => 'perpetual', 'currency' => 'USD', 'tick' => '0.01', 'lot_step' => '0.01',
            'least_size' => '0.01', 'least_notional' => '5', 'multiplier' => '1', 'taker_fee' => '0.0005', ...$changes,
        ]);
    }

    /**
     * Bid 39.99, ask 40.01, 10 000 USD free, leverage 1.
     *
     * @param  array<string, string>  $instrument
     * @param  list<WorkingOrder>  $working
     */
    public static function snapshot(string $position = '0', array $instrument = [], RouteState $state = RouteState::Armed, string $equity = '10000', string $leverage = '1', int $adds = 0, bool $entered = true, ?string $free = null, array $working = []): Snapshot
    {
        $instrument = self::instrument($instrument);
        $now = new DateTimeImmutable('2026-03-02T14:30:00Z');

        return new Snapshot(
            $instrument,
            Quote::of('39.99', '40.01', $now),
            Balance::of('USD', $equity, $free ?? $equity),
            Position::of($position, (string) BigDecimal::of($position)->multipliedBy('40'), multiplier: $instrument->multiplier),
            BigDecimal::of($leverage),
            $state,
            $now,
            $adds,
            $entered,
            $working,
        );
    }

    /** @param  array{rule: string, amount?: string}  $size */
    public static function rules(string $sides = 'both', string $opposite = 'close_only', array $size = ['rule' => 'fixed_units', 'amount' => '2']): RouteRules
    {
        return RouteRules::of([
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => $sides,
            'opposite' => $opposite,
            'size' => $size,
        ]);
    }
}
