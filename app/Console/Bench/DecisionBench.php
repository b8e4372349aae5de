<?php

namespace App\Console\Bench;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Position\Position;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Route\RouteState;

/** Pure work in one process: deciding. */
final class DecisionBench
{
    private const MESSAGE = '{"do": "sell", "symbol": "MARL/USD", "price": 38.46, "label": "cross", "fired_at": "2026-03-02T14:29:59Z", "position": {"before": "long", "after": "short", "size": 3}, "id": "a-1"}';

    /** Every limit, none of which refuses. */
    private const LIMITS = [
        'instruments' => ['marl_perp'], 'sides' => 'both', 'window' => ['zone' => 'Europe/Oslo', 'days' => ['mon', 'tue', 'wed', 'thu', 'fri'], 'from' => '08:00', 'to' => '22:00'],
        'not_before' => '2026-01-01T00:00:00Z', 'entries_per_day' => 10, 'once_per_label' => true, 'positions' => 5, 'rest_after_exit' => 60, 'rest_after_loss' => 60,
        'losses_in_row' => ['count' => 3, 'rest' => 600], 'least_balance' => '100', 'day_loss' => ['money' => '500'], 'fall' => ['percent' => '20'], 'price_away' => '1',
        'oldest' => 60, 'same_again' => 10, 'per_minute' => 10, 'spread' => '1', 'largest_leverage' => '5', 'liquidation' => true,
    ];

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $signal = WexonMessage::read(self::MESSAGE);
        [$rules, $snapshot] = $this->world();
        $guarded = RouteRules::of(['guards' => self::LIMITS] + $rules->toArray());

        return [
            Repeated::measure('decisions (a flip, percent of equity)', static fn () => Decide::decide($signal, $rules, $snapshot)),
            Repeated::measure('the same, with every limit set', static fn () => Decide::decide($signal, $guarded, $snapshot)),
        ];
    }

    /** @return array{RouteRules, Snapshot} */
    private function world(): array
    {
        $now = new DateTimeImmutable('2026-03-02T14:30:00Z');
        $instrument = Instrument::of([
            'name' => 'marl_perp', 'kind' => 'perpetual', 'currency' => 'USD', 'tick' => '0.01', 'lot_step' => '0.01',
            'least_size' => '0.01', 'least_notional' => '5', 'multiplier' => '1', 'taker_fee' => '0.0005',
        ]);
        $rules = RouteRules::of([
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => 'both', 'opposite' => 'close_and_reverse', 'size' => ['rule' => 'percent_of_equity', 'amount' => '4'],
        ]);

        return [$rules, new Snapshot(
            $instrument, Quote::of('38.45', '38.47', $now), Balance::of('USD', '62500', '50000'),
            Position::of('65', '2499.9'), BigDecimal::one(), RouteState::Armed, $now,
        )];
    }
}
