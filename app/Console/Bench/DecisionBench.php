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
    private const MESSAGE = '{"do": "sell", "symbol": "MARL/USD", "price": 38.46, "label": "cross", "position": {"before": "long", "after": "short", "size": 3}, "id": "a-1"}';

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $signal = WexonMessage::read(self::MESSAGE);
        [$rules, $snapshot] = $this->world();

        return [
            Repeated::measure('decisions (a flip, percent of equity)', static fn () => Decide::decide($signal, $rules, $snapshot)),
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
