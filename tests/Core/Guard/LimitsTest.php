<?php

declare(strict_types=1);

namespace Tests\Core\Guard;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Worlds;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Decision\Verdict;
use Wexon\Core\Guard\LimitGuards;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Route\RouteRules;

/** Every limit at its boundary: the last that passes, the first that does not, and its sentence. It is Monday, 2 March 2026, 14:30 UTC; bid 39.99, ask 40.01; 10 000 USD. */
final class LimitsTest extends TestCase
{
    private const ENTER = 'enter long MARL/USD';

    /**
     * @param  array<string, mixed>  $limits
     * @param  array<string, mixed>  $facts
     * @param  array<string, mixed>  $world  Changes to the stored snapshot.
     */
    #[DataProvider('cases')]
    public function test_limit(array $limits, ?string $refusal, array $facts = [], string $message = self::ENTER, array $world = []): void
    {
        foreach (['route', 'account'] as $whose) {
            $decision = Decide::decide(LineReader::read($message), self::rules($whose === 'route' ? $limits : []), self::world($whose === 'account' ? $limits : [], [$whose => $facts], $world));
            $expected = $refusal === null ? null : str_replace(['This one', 'this one'], ["This {$whose}", "this {$whose}"], $refusal);

            self::assertSame([$expected === null ? Verdict::Pass : Verdict::Refuse, $expected], [$decision->verdict, $expected === null ? null : $decision->summary()], $decision->summary());
        }
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: string|null, 2?: array<string, mixed>, 3?: string, 4?: array<string, mixed>}> */
    public static function cases(): iterable
    {
        yield 'instruments: in' => [['instruments' => ['chert_perp', 'marl_perp']], null];
        yield 'instruments: out' => [['instruments' => ['chert_perp', 'tufa_spot']], 'This one trades chert_perp, tufa_spot only; the signal would open marl_perp.'];
        yield 'sides: same' => [['sides' => 'long'], null];
        yield 'sides: other' => [['sides' => 'short'], 'This one trades short only; the signal would open a long.'];
        yield 'start time: now' => [['not_before' => '2026-03-02T14:30:00Z'], null];
        yield 'start time: in a second' => [['not_before' => '2026-03-02T14:30:01Z'], 'This one opens nothing before Mon 02 Mar 2026 14:30 Z.'];

        $day = ['zone' => 'UTC', 'days' => ['mon'], 'from' => '14:30', 'to' => '15:00'];
        yield 'window: its first moment' => [['window' => $day], null];
        yield 'window: its end is out' => [['window' => ['from' => '09:00', 'to' => '14:30'] + $day], 'This one takes entries mon 09:00 – 14:30 UTC only, again from Mon 09 Mar 09:00 UTC on.'];
        yield 'window: closes are taken outside' => [['window' => ['days' => ['tue']] + $day], null, [], 'exit MARL/USD', ['position' => '3']];
        yield 'window: flips are not' => [['window' => ['days' => ['tue']] + $day], 'This one takes entries tue 14:30 – 15:00 UTC only, again from Tue 03 Mar 14:30 UTC on.', [], 'flip short MARL/USD', ['position' => '3']];
        yield 'window: nor resting orders' => [['window' => ['days' => ['tue']] + $day], 'This one takes entries tue 14:30 – 15:00 UTC only, again from Tue 03 Mar 14:30 UTC on.', [], 'place long MARL/USD limit @30 label x'];
        yield 'window: a smaller target size is' => [['window' => ['days' => ['tue']] + $day], null, [], 'set long MARL/USD size 2', ['position' => '3']];
        yield 'window: a larger one is not' => [['window' => ['days' => ['tue']] + $day], 'This one takes entries tue 14:30 – 15:00 UTC only, again from Tue 03 Mar 14:30 UTC on.', [], 'set long MARL/USD size 4', ['position' => '3']];

        yield 'entries: the last of the day' => [['entries_per_day' => 3], null, ['entries_today' => 2]];
        yield 'entries: one more' => [['entries_per_day' => 3], 'This one has taken 3 entries today (UTC); it takes 3 a day at most.', ['entries_today' => 3]];
        yield 'entries: in another zone' => [['entries_per_day' => 1, 'zone' => 'Europe/Oslo'], 'This one has taken 1 entry today (Europe/Oslo); it takes 1 a day at most.', ['entries_today' => 1]];
        yield 'entries: an add is none' => [['entries_per_day' => 1], null, ['entries_today' => 1], 'add long MARL/USD size 1', ['position' => '3']];
        yield 'label: new' => [['once_per_label' => true], null, [], self::ENTER.' label one'];
        yield 'label: used' => [['once_per_label' => true], 'An entry with the label “one” was taken already, and this one takes each label once until it is armed anew.', ['label_used' => true], self::ENTER.' label one'];
        yield 'label: none' => [['once_per_label' => true], 'An entry without a label was taken already, and this one takes each label once until it is armed anew.', ['label_used' => true]];

        yield 'positions: the last place' => [['positions' => 2], null, ['positions' => 1]];
        yield 'positions: full' => [['positions' => 2], 'All 2 places of this one are taken: 2 positions are open or being entered.', ['positions' => 2]];
        yield 'positions: the one place' => [['positions' => 1], 'The one place of this one is taken: one position is open or being entered.', ['positions' => 1]];
        yield 'positions: it has its place' => [['positions' => 2], null, ['positions' => 2, 'has_place' => true]];

        yield 'rest after an exit: over' => [['rest_after_exit' => 60], null, ['last_exit' => '2026-03-02T14:29:00Z']];
        yield 'rest after an exit: a second left' => [['rest_after_exit' => 60], 'This one rests 60 s after an exit: 1 s are left.', ['last_exit' => '2026-03-02T14:29:01Z']];
        yield 'rest after a loss: over' => [['rest_after_loss' => 600], null, ['last_loss' => '2026-03-02T14:20:00Z']];
        yield 'rest after a loss: not over' => [['rest_after_loss' => 600], 'This one rests 600 s after a loss: 300 s are left.', ['last_loss' => '2026-03-02T14:25:00Z']];
        $row = ['losses_in_row' => ['count' => 3, 'rest' => 3600]];
        yield 'losses in a row: one fewer' => [$row, null, ['losses' => 2, 'last_loss' => '2026-03-02T14:29:00Z']];
        yield 'losses in a row: enough' => [$row, 'This one has lost 3 times in a row, and rests 3600 s after 3: 3540 s are left.', ['losses' => 3, 'last_loss' => '2026-03-02T14:29:00Z']];
        yield 'losses in a row: rested' => [$row, null, ['losses' => 3, 'last_loss' => '2026-03-02T13:30:00Z']];

        yield 'balance: just enough' => [['least_balance' => '10000'], null];
        yield 'balance: a cent short' => [['least_balance' => '10000.01'], 'The account has 10000.00 USD; this one opens nothing below 10000.01 USD.'];
        yield 'loss of the day: a cent less' => [['day_loss' => ['money' => '300']], null, ['day_profit' => '-299.99']];
        yield 'loss of the day: reached' => [['day_loss' => ['money' => '300']], 'This one has lost 300.00 USD today (UTC), open positions included; it opens nothing more on a day that has lost 300.', ['day_profit' => '-300']];
        yield 'loss of the day: a profit' => [['day_loss' => ['money' => '300']], null, ['day_profit' => '400']];
        // 10 000 is 4.99 % below 10 525, and 5.00 % below 10 526.32.
        yield 'fall: less' => [['fall' => ['percent' => '5']], null, ['peak' => '10525']];
        yield 'fall: reached' => [['fall' => ['percent' => '5']], 'The account has 10000.00 USD, 5.00 % below its peak of 10526.32; this one opens nothing from 5 % on.', ['peak' => '10526.32']];

        yield 'price: just near enough' => [['price_away' => '0.25'], null, [], self::ENTER.' price 39.90025'];
        yield 'price: too low' => [['price_away' => '0.25'], 'The market is at 40, the message\'s price is 39.9: 0.251 % apart, and this one takes 0.25 % at most.', [], self::ENTER.' price 39.9'];
        yield 'price: too high' => [['price_away' => '0.5'], 'The market is at 40, the message\'s price is 41: 2.439 % apart, and this one takes 0.5 % at most.', [], self::ENTER.' price 41'];
        yield 'price: none' => [['price_away' => '0.5'], 'This one wants the market within 0.5 % of the message\'s price, but the message gives none: add “price” to the alert.'];
        yield 'age: the last moment' => [['oldest' => 30], null, [], self::ENTER.' fired 2026-03-02T14:29:30Z'];
        yield 'age: too old' => [['oldest' => 30], 'The alert fired 31.0 s ago; this one takes 30 s at most.', [], self::ENTER.' fired 2026-03-02T14:29:29Z'];
        yield 'age: the clock is behind' => [['oldest' => 30], null, ['skew' => 1000], self::ENTER.' fired 2026-03-02T14:29:29Z'];
        yield 'age: the clock is ahead' => [['oldest' => 30], 'The alert fired 32.5 s ago, with -2.5 s for the sender’s clock; this one takes 30 s at most.', ['skew' => -2500], self::ENTER.' fired 2026-03-02T14:29:30Z'];
        yield 'age: no time' => [['oldest' => 30], 'This one takes messages up to 30 s old, but the message does not say when it fired: add “fired_at” to the alert.'];
        yield 'same again: over' => [['same_again' => 60], null, ['same_at' => '2026-03-02T14:29:00Z']];
        yield 'same again: not over' => [['same_again' => 60], 'The same signal was taken less than 60 s ago; this one takes it again in 59 s.', ['same_at' => '2026-03-02T14:29:59Z']];
        yield 'rate: the last one' => [['per_minute' => 5], null, ['last_minute' => 5]];
        yield 'rate: one more' => [['per_minute' => 5], 'This is signal 6 within a minute, and this one takes 5 a minute at most.', ['last_minute' => 6]];
        // 0.02 of 39.99 is 0.0500 %.
        yield 'spread: as wide as allowed' => [['spread' => '0.05'], null];
        yield 'spread: wider' => [['spread' => '0.049'], 'Bid 39.99 and ask 40.01 are 0.0500 % apart, and this one takes 0.049 % at most.'];
        yield 'leverage: as much' => [['largest_leverage' => '5'], null, [], self::ENTER, ['leverage' => '5']];
        yield 'leverage: more' => [['largest_leverage' => '5'], 'The order would have 6 times leverage, and this one allows 5 at most.', [], self::ENTER, ['leverage' => '6']];
        // Entered at 40.01 with 10 times leverage and 0.5 % to be left: 40.01 × 9 ÷ 9.95 = 36.1899…
        yield 'liquidation: the stop is nearer' => [['liquidation' => true], null, [], self::ENTER.' stop @36.20', ['leverage' => '10']];
        yield 'liquidation: at the same price' => [['liquidation' => true], 'At 10 times leverage the venue would close near 36.19, before the stop at 36.19: move the stop nearer, or take less leverage.', [], self::ENTER.' stop @36.19', ['leverage' => '10']];
        yield 'liquidation: no stop' => [['liquidation' => true], 'At 10 times leverage the venue would close near 36.19, and there is no stop before that: move the stop nearer, or take less leverage.', [], self::ENTER, ['leverage' => '10']];
        // A short at 39.99: 39.99 × 11 ÷ 10.05 = 43.7701…
        yield 'liquidation: of a short' => [['liquidation' => true], 'At 10 times leverage the venue would close near 43.77, before the stop at 44.00: move the stop nearer, or take less leverage.', [], 'enter short MARL/USD stop @44', ['leverage' => '10']];
        yield 'liquidation: without leverage' => [['liquidation' => true], null];
    }

    public function test_an_entry_waits_for_a_place_where_the_limits_say_so(): void
    {
        $decision = Decide::decide(LineReader::read(self::ENTER), self::rules(['positions' => 1, 'queue_for' => 300]), self::world([], ['route' => ['positions' => 1]], []));

        self::assertSame([Verdict::Hold, []], [$decision->verdict, $decision->tickets]);
        self::assertSame('The one place of this route is taken: one position is open or being entered. It waits for a place, for 300 s at most.', $decision->summary());
    }

    public function test_only_those_that_are_set_are_asked_and_named(): void
    {
        $decision = Decide::decide(LineReader::read(self::ENTER), self::rules(['spread' => '1', 'positions' => 3]), self::world(['least_balance' => '5'], [], []));

        self::assertStringEndsWith('exit in profit, spread, least balance, positions.', $decision->steps[3]->sentence);
    }

    /** @param  array<string, mixed>  $spec */
    #[DataProvider('wrong')]
    public function test_what_will_not_do(array $spec, string $words): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        Limits::of($spec);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a zone' => [['zone' => 'Mars/North'], 'There is no time zone “Mars/North”.'];
        yield 'a loss of nothing' => [['day_loss' => ['money' => '0']], 'The guard “day_loss” needs a number above zero; found 0.'];
        yield 'waiting for nothing' => [['queue_for' => 60], 'An entry can only wait for a place where the number of open positions is limited.'];
        yield 'a moment' => [['not_before' => 'soonish'], 'A start time is written as 2026-03-02T09:00:00Z; found soonish.'];
        yield 'no day' => [['window' => ['zone' => 'UTC', 'days' => [], 'from' => '09:00', 'to' => '10:00']], 'A window is open on at least one day'];
        yield 'no hour' => [['window' => ['zone' => 'UTC', 'days' => ['mon'], 'from' => '9', 'to' => '10:00']], 'A time of the day is written as 15:45; found 9.'];
    }

    public function test_all_are_stored_and_read_back_and_every_one_has_a_case(): void
    {
        $set = array_merge(...array_map(static fn (array $case): array => $case[0], array_values(iterator_to_array(self::cases()))));
        $limits = Limits::of($set + ['queue_for' => 60]);

        self::assertEquals($limits, Limits::of($limits->toArray()));
        foreach (LimitGuards::all() as $limit) {
            self::assertSame([true, false], [$limit->isSet($limits), $limit->isSet(Limits::none())], $limit->name());
        }
    }

    /** @param  array<string, mixed>  $guards */
    private static function rules(array $guards): RouteRules
    {
        return RouteRules::of([...Worlds::rules()->toArray(), 'adds' => ['most' => 5], 'guards' => $guards]);
    }

    /**
     * @param  array<string, mixed>  $account
     * @param  array<string, array<string, mixed>>  $facts
     * @param  array<string, mixed>  $world
     */
    private static function world(array $account, array $facts, array $world): Snapshot
    {
        $snapshot = Worlds::snapshot($world['position'] ?? '0', ['maintenance' => '0.005', 'largest_leverage' => '20'], leverage: $world['leverage'] ?? '1');

        return Snapshot::fromArray([...$snapshot->toArray(), 'account_guards' => $account, 'facts' => $facts + ['route' => [], 'account' => []]]);
    }
}
