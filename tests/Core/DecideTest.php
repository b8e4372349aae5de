<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Decision\Station;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Route\RouteState;

final class DecideTest extends TestCase
{
    /** @param  list<string>  $tickets */
    #[DataProvider('sent')]
    public function test_it_sends(string $message, Snapshot $snapshot, RouteRules $rules, array $tickets): void
    {
        $decision = Decide::decide(WexonMessage::read($message), $rules, $snapshot);

        self::assertSame($tickets, array_map(strval(...), $decision->tickets), $decision->summary());
        self::assertSame(
            ['read', 'match', 'intent', 'guard', 'size', 'plan'],
            array_map(static fn ($step): string => $step->station->value, $decision->steps),
        );
    }

    /** @return iterable<string, array{string, Snapshot, RouteRules, list<string>}> */
    public static function sent(): iterable
    {
        $enter = '{"do": "enter", "side": "long", "symbol": "MARL/USD"}';
        yield 'an entry' => [$enter, Worlds::snapshot(), Worlds::rules(), ['buy 2 marl_perp at market']];
        yield 'a short entry' => ['{"do": "enter", "side": "short", "symbol": "marl/usd"}', Worlds::snapshot(), Worlds::rules(), ['sell 2 marl_perp at market']];
        yield 'an exit of all there is' => ['{"do": "exit", "symbol": "MARL/USD"}', Worlds::snapshot('-3.5'), Worlds::rules(), ['buy 3.5 marl_perp at market, reduce only']];
        yield 'a flip in two' => ['{"do": "flip", "side": "short", "symbol": "MARL/USD"}', Worlds::snapshot('3.5'), Worlds::rules(), [
            'sell 3.5 marl_perp at market, reduce only', 'sell 2 marl_perp at market',
        ]];
        yield 'an exit while winding down' => ['{"do": "exit", "symbol": "MARL/USD"}', Worlds::snapshot('1', state: RouteState::WindingDown), Worlds::rules(), ['sell 1 marl_perp at market, reduce only']];
        yield 'a flip whose money comes from the position it closes' => [
            '{"do": "flip", "side": "long", "symbol": "MARL/USD"}', Worlds::snapshot('-200', equity: '100'),
            Worlds::rules(size: ['rule' => 'fixed_units', 'amount' => '180']), ['buy 200 marl_perp at market, reduce only', 'buy 180 marl_perp at market'],
        ];
    }

    #[DataProvider('refused')]
    public function test_it_says_no(string $message, Snapshot $snapshot, RouteRules $rules, Station $station, string $words): void
    {
        $decision = Decide::decide(WexonMessage::read($message), $rules, $snapshot);

        self::assertSame([], $decision->tickets);
        self::assertSame($station, $decision->steps[array_key_last($decision->steps)]->station);
        self::assertStringContainsString($words, $decision->summary());
    }

    /** @return iterable<string, array{string, Snapshot, RouteRules, Station, string}> */
    public static function refused(): iterable
    {
        $enter = '{"do": "enter", "side": "long", "symbol": "MARL/USD"}';
        $short = '{"do": "enter", "side": "short", "symbol": "MARL/USD"}';
        $added = '{"do": "buy", "symbol": "MARL/USD", "position": {"before": "long", "after": "long"}}';
        yield 'a draft' => [$enter, Worlds::snapshot(state: RouteState::Draft), Worlds::rules(), Station::Guard, 'a draft'];
        yield 'a paused route' => ['{"do": "exit", "symbol": "MARL/USD"}', Worlds::snapshot('1', state: RouteState::Paused), Worlds::rules(), Station::Guard, 'paused: arm it'];
        yield 'an entry while winding down' => [$enter, Worlds::snapshot(state: RouteState::WindingDown), Worlds::rules(), Station::Guard, 'starts nothing new'];
        yield 'a side that is not traded' => [$short, Worlds::snapshot(), Worlds::rules('long'), Station::Guard, 'trades long only'];
        yield 'spot sold short' => [$short, Worlds::snapshot(instrument: ['kind' => 'spot']), Worlds::rules(), Station::Guard, 'cannot be sold short'];
        yield 'an add' => [$added, Worlds::snapshot('1'), Worlds::rules(), Station::Guard, 'takes no adds'];
        yield 'no size in the message' => [$enter, Worlds::snapshot(), Worlds::rules(size: ['rule' => 'from_message']), Station::Size, 'add “size”'];
        yield 'too small, with what would do' => [$enter, Worlds::snapshot(), Worlds::rules(size: ['rule' => 'fixed_money', 'amount' => '4']), Station::Size, 'is 0.13 (5.21 USD) at 40.01'];
        yield 'too dear, with what would do' => [$enter, Worlds::snapshot(equity: '1000'), Worlds::rules(size: ['rule' => 'fixed_units', 'amount' => '30']), Station::Size, 'at most 24.98 units'];
        yield 'less than an order can close' => ['{"do": "exit", "symbol": "MARL/USD"}', Worlds::snapshot('0.004'), Worlds::rules(), Station::Size, 'cannot be closed'];
        yield 'a sell while flat that may only close' => ['{"do": "sell", "symbol": "MARL/USD"}', Worlds::snapshot(), Worlds::rules(), Station::Intent, 'close only'];
    }

    public function test_a_stored_snapshot_decides_the_same_again(): void
    {
        $signal = WexonMessage::read('{"do": "flip", "side": "short", "symbol": "MARL/USD", "size": {"amount": 12.5, "unit": "percent"}, "price": 40.005, "fired_at": "2026-03-02T15:30:00+01:00", "id": "a1"}');
        $rules = Worlds::rules(size: ['rule' => 'from_message']);
        $snapshot = Worlds::snapshot('3.5', leverage: '5');
        $first = Decide::decide($signal, $rules, $snapshot)->toArray();

        $stored = json_decode((string) json_encode([$signal->toArray(), $rules->toArray(), $snapshot->toArray()]), true);
        $again = Decide::decide(WexonMessage::fromArray($stored[0]), RouteRules::of($stored[1]), Snapshot::fromArray($stored[2]))->toArray();

        self::assertSame($first, $again);
        self::assertCount(2, $first['tickets']);
    }
}
