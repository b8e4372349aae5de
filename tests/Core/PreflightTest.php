<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Preflight\AccountSeen;
use Wexon\Core\Preflight\Checks;
use Wexon\Core\Preflight\Heard;
use Wexon\Core\Preflight\RouteSeen;
use Wexon\Core\Preflight\SlipSeen;
use Wexon\Core\Route\RouteRules;

/** Every finding, and a route of which there is nothing bad to say. It is Monday, 2 March 2026, 14:30 UTC; MARL at 39.99 to 40.01, 10 000 USD. */
final class PreflightTest extends TestCase
{
    private const STOP = ['protection' => ['stop' => ['percent' => '2']]];

    /**
     * @param  array<string, mixed>  $rules
     * @param  array<string, mixed>  $around  instrument, leverage, account, heard, slips
     * @param  list<string>  $expected  "level check: words", but for what is fine.
     */
    #[DataProvider('routes')]
    public function test_findings(array $rules, array $around, array $expected): void
    {
        $findings = array_filter(Checks::run(self::route($rules, $around)), static fn (array $finding): bool => $finding['level'] !== 'fine');

        self::assertSame($expected, array_values(array_map(static fn (array $finding): string => "{$finding['level']} {$finding['check']}: {$finding['words']}".($finding['mend'] === null ? '' : " [{$finding['mend']['label']}]"), $findings)));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, list<string>}> */
    public static function routes(): iterable
    {
        $spot = ['instrument' => ['kind' => 'spot']];
        $signals = static fn (int $count, int $gap, string $other = 'enter long'): array => array_map(static fn (int $i): array => ['intent' => $i === 3 ? $other : 'enter long', 'at' => 1_000 + $i * $gap], range(0, $count - 1));
        yield 'nothing bad' => [self::STOP, [], []];
        yield 'the account cannot trade' => [self::STOP, ['account' => ['trouble' => 'This key may not trade.']], ['must_fix accounts: “Main”: This key may not trade.']];
        yield 'it is halted' => [self::STOP, ['account' => ['halt' => 'This account is halted since Mon 14:00 UTC by Odile']], ['look_again accounts: “Main”: This account is halted since Mon 14:00 UTC by Odile. Nothing goes out there until it is lifted.']];
        yield 'its key can withdraw' => [self::STOP, ['account' => ['permissions' => ['read', 'trade', 'withdraw']]], ['look_again accounts: The key of “Main” may withdraw money, and trading never needs that: make one without it at the venue.']];
        yield 'live money' => [self::STOP, ['account' => ['live' => true]], ['look_again live money: Live money is traded on “Main”: arming asks for the account\'s name.']];
        yield 'a symbol that the venue does not trade' => [self::STOP, ['account' => ['unlisted' => true]], ['must_fix symbols: “Main” does not trade marl_perp, which MARL/USD goes to: choose another instrument for it.']];
        yield 'another kind on another account' => [self::STOP, ['second' => ['kind' => 'pair', 'name' => 'MARL-USD']], ['look_again symbols: MARL/USD is traded as perpetual (marl_perp) and as pair (MARL-USD): is that meant?']];
        yield 'mapped to another kind' => [self::STOP, ['linked' => 'spot'], ['look_again symbols: The symbol map says that MARL/USD is marl_spot (spot), but on “Main” the route trades marl_perp (perpetual): is that meant?']];
        yield 'mapped to the same kind' => [self::STOP, ['linked' => 'perpetual'], []];
        yield 'short on spot' => [self::STOP, $spot, ['must_fix short: Short is allowed, but cannot be sold short: marl_perp on “Main”. [Trade long only]']];
        yield 'short only on spot' => [['sides' => 'short'] + self::STOP, $spot, ['must_fix short: The route trades short only, but cannot be sold short: marl_perp on “Main”.']];
        yield 'too small' => [['sides' => 'long', 'size' => ['rule' => 'fixed_units', 'amount' => '0.1']] + self::STOP, [], ['must_fix an entry now: “enter long MARL/USD” on “Main” would be refused now: 0.1 units = 0.1, in steps of 0.01 that is 0.10: below the least order of marl_perp, which is 0.13 (5.21 USD) at 40.01.']];
        yield 'leverage where there is none' => [['sides' => 'long', 'leverage' => ['times' => '5', 'margin' => 'isolated']] + self::STOP, ['instrument' => ['largest_leverage' => '1']], ['must_fix an entry now: “enter long MARL/USD” on “Main” would be refused now: marl_perp is traded without leverage: take the leverage out of the route.']];
        yield 'targets that are not the whole' => [['protection' => ['stop' => ['percent' => '2'], 'targets' => [['at' => ['percent' => '3'], 'share' => '60']]]], [], ['look_again targets: The targets close 60 % of a position: 40 % are left to the stop, or to a signal.']];
        yield 'stop beyond liquidation' => [['sides' => 'long', 'protection' => ['stop' => ['percent' => '12']]], ['leverage' => '10'], ['must_fix stop: The stop of a long MARL/USD on “Main” would lie at 35.21, but at 10 times leverage the venue closes it near 36.19 already.']];
        yield 'stop nearer than the venue takes' => [['sides' => 'long', 'protection' => ['stop' => ['price' => '0.10']]], ['instrument' => ['least_distance' => '0.20']], ['must_fix stop: The stop of a long MARL/USD on “Main” would lie 0.10 from the price; the venue takes 0.20 at least.']];
        yield 'stop before the first add' => [['sides' => 'long', 'ladder' => ['levels' => 2, 'distance' => '2', 'spacing' => '1', 'first' => '1', 'growth' => '1']] + self::STOP, [], ['look_again stop: The stop of a long MARL/USD on “Main” lies before its first planned add: the adds would never be filled.']];
        yield 'adds beyond the money' => [['sides' => 'long', 'size' => ['rule' => 'fixed_money', 'amount' => '4000'], 'adds' => ['most' => 2]] + self::STOP, [], ['look_again money for adds: MARL/USD on “Main”: an entry and 2 adds of the same size bind about 11999.40 USD, but 10000.00 are free: the last ones would be refused.']];
        yield 'no stop' => [[], [], ['look_again way out: There is no stop: a position that goes wrong is only closed by a signal.']];
        yield 'no way out' => [['opposite' => 'ignore'], [], ['must_fix way out: Nothing closes a position: there is neither stop nor target, and an opposite signal is ignored. Messages that say exit would; are there any? [Let an opposite signal close]']];
        yield 'only entries have slips' => [[], ['slips' => [new SlipSeen('Up', 'enter', 'up', null)]], ['must_fix way out: The slips only open positions, and there is neither stop, target nor time that would close them.']];
        yield 'slips that are the same' => [self::STOP, ['slips' => [new SlipSeen('Up', 'enter', 'go', null), new SlipSeen('Down', 'enter', 'go', null)]], ['must_fix slips: The slips “Up” and “Down” have the same message, so they mean the same: make them again.']];
        yield 'an alert that expires' => [self::STOP, ['slips' => [new SlipSeen('Up', 'enter', 'up', new DateTimeImmutable('2026-03-05T12:00:00Z')), new SlipSeen('Out', 'exit', 'out', new DateTimeImmutable('2026-03-02T14:30:00Z'))]], ['must_fix slips: The alert “Out” has expired: renew it on the chart, and give its new date.', 'look_again slips: The alert “Up” expires in 2 days.']];
        yield 'a size that is not looked at' => [self::STOP, ['heard' => ['slipUnit' => 'contracts']], ['look_again slips: The slips\' messages give a size in contracts, but the route sizes by its own rule and does not look at it. [Size by the message]']];
        yield 'a size that is not given' => [['size' => ['rule' => 'from_message']] + self::STOP, ['slips' => [new SlipSeen('Up', 'enter', 'up', null)]], ['must_fix slips: The route takes its size from the message, but the slips give none: make them again with a size, or choose another size rule.']];
        yield 'an open inlet' => [self::STOP, ['heard' => ['isClosed' => false, 'senders' => ['192.0.2.7']]], ['look_again inlet: “Charts” takes messages from every address (lately from 192.0.2.7): whoever learns its web address can trade. Allow the sender alone, or give it a phrase.']];
        yield 'strangers alone' => [self::STOP, ['heard' => ['strangers' => ['192.0.2.9']]], ['look_again inlet: Today messages came only from 192.0.2.9, which the inlet does not allow: is that your charting platform?']];
        yield 'a clock that is off' => [self::STOP, ['heard' => ['skew' => -2_001]], ['look_again inlet: The clock of the sender is 2.0 s ahead of ours, or its messages take that long.']];
        yield 'another route there' => [self::STOP, ['account' => ['others' => ['“Swings” (marl_perp)']]], ['look_again other routes: On “Main” the same is traded by “Swings” (marl_perp): one would close what the other opened.']];
        yield 'the same messages' => [self::STOP, ['heard' => ['sharers' => ['“Swings”']]], ['look_again other routes: The same messages are taken by “Swings”: each of them acts.']];
        yield 'true at every bar' => [self::STOP, ['heard' => ['signals' => $signals(8, 300)]], ['look_again true at every bar: The last 8 signals all say enter long, one every 300 s: the condition seems to be true at every bar. Let the alert fire when it becomes true.']];
        yield 'not when one is another' => [self::STOP, ['heard' => ['signals' => $signals(8, 300, 'exit long')]], []];
        yield 'more symbols than places' => [['legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp'], ['symbol' => 'M2', 'instrument' => 'marl_perp']], 'guards' => ['positions' => 1]] + self::STOP, [], ['look_again places: 2 symbols share 1 place: whoever comes first gets them. [A place for each: 2]']];
        yield 'a window shorter than the bar' => [['guards' => ['window' => ['zone' => 'UTC', 'days' => ['tue'], 'from' => '09:00', 'to' => '09:10']]] + self::STOP, ['heard' => ['signals' => $signals(6, 900, 'exit long')]], ['look_again places: The window is 600 s long, but signals come 900 s apart: a bar may end outside of it every time.']];
    }

    public function test_what_mends_it_is_a_part_of_the_rules(): void
    {
        $finding = Checks::run(self::route(self::STOP, ['instrument' => ['kind' => 'spot']]))[0];

        self::assertSame(['sides' => 'long'], $finding['mend']['rules'] ?? null);
        self::assertSame([], array_filter(Checks::run(self::route(['sides' => 'long'] + self::STOP, ['instrument' => ['kind' => 'spot']])), static fn (array $one): bool => $one['level'] === 'must_fix'));
    }

    /**
     * @param  array<string, mixed>  $rules
     * @param  array<string, mixed>  $around
     */
    private static function route(array $rules, array $around): RouteSeen
    {
        $rules = RouteRules::of([...Worlds::rules()->toArray(), ...$rules]);
        $world = static fn (array $instrument): array => array_map(static fn ($leg): array => ['symbol' => $leg->symbol, 'linked' => isset($around['linked']) ? Worlds::instrument(['name' => 'marl_spot', 'kind' => $around['linked']]) : null, 'snapshot' => isset($around['account']['unlisted']) ? null : Worlds::snapshot('0', $instrument + ['maintenance' => '0.005', 'largest_leverage' => '20'], leverage: $around['leverage'] ?? '1')], $rules->legs);
        $account = ($around['account'] ?? []) + ['permissions' => ['read', 'trade'], 'trouble' => null, 'halt' => null, 'others' => [], 'live' => false];
        $accounts = [new AccountSeen('Main', $account['live'], $account['permissions'], $account['trouble'], $account['halt'], $rules, $world($around['instrument'] ?? []), $account['others'])];
        if (isset($around['second'])) {
            $accounts[] = new AccountSeen('Second', false, ['read', 'trade'], null, null, $rules, $world($around['second']));
        }

        return new RouteSeen($rules, $accounts, $around['slips'] ?? [], new Heard(...(($around['heard'] ?? []) + ['inlet' => 'Charts', 'isClosed' => true])), new DateTimeImmutable('2026-03-02T14:30:00Z'));
    }
}
