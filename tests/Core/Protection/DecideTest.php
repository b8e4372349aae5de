<?php

declare(strict_types=1);

namespace Tests\Core\Protection;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Worlds;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Route\RouteRules;

/** What decisions say of stops and targets. The world: bid 39.99, ask 40.01, 10 000 USD, positions at 40, a fee of 0.0005. */
final class DecideTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $rules
     * @param  string  $expected  What the last step says.
     */
    #[DataProvider('decisions')]
    public function test_it_says_what_it_will_look_after(array $rules, string $position, string $message, string $expected): void
    {
        $decision = Decide::decide(LineReader::read($message), RouteRules::of($rules + Worlds::rules()->toArray()), Worlds::snapshot($position));

        self::assertSame($expected, $decision->summary());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> */
    public static function decisions(): iterable
    {
        $stop = ['protection' => ['stop' => ['percent' => '2']]];
        $full = ['protection' => ['stop' => ['percent' => '2'], 'targets' => [['at' => ['percent' => '2'], 'share' => '50'], ['at' => ['risk' => '2'], 'share' => '50']], 'break_even' => ['after_target' => 1], 'trailing' => ['distance' => ['percent' => '1'], 'start' => ['percent' => '1']]]];
        $risk = ['size' => ['rule' => 'percent_at_risk', 'amount' => '1']];

        // 40.01 × 0.98 = 39.2098 → 39.21; 40.01 × 1.02 = 40.8102 → 40.82; 2 × 0.80 away: 41.61.
        yield 'all of it' => [$full, '0', 'enter long MARL/USD', 'Then looked after: stop at 39.21 (2%); target 1 at 40.82 (2%) for 1.00, target 2 at 41.61 (2x) for 1.00; then 1% behind the best price, from 1% on; break-even after target 1.'];
        yield 'the message counts before the route' => [$full, '0', 'enter short MARL/USD stop @41 targets 1%', 'Then looked after: stop at 41.00 (@41); target 1 at 39.59 (1%) for 2.00; then 1% behind the best price, from 1% on; break-even after target 1.'];
        yield 'a stop on the wrong side' => [[], '0', 'enter long MARL/USD stop @41', 'The stop of this long would lie at 41.00, but the price is 40.01: it has to lie below it.'];
        yield 'a target on the wrong side' => [[], '0', 'enter short MARL/USD targets @41', 'Target 1 of this short would lie at 41.00, but the price is 39.99: it has to lie below it.'];
        yield 'points where there are none' => [[], '0', 'enter long MARL/USD stop 10points', 'marl_perp is not priced in points: use ticks, percent or a price.'];
        yield 'multiples without a stop' => [[], '0', 'enter long MARL/USD targets 2x', '“2x” is a multiple of the distance to the stop, but there is no stop.'];

        yield 'protect, held' => [$stop, '3', 'protect MARL/USD stop @39.5', 'Set anew: stop @39.5, for 3 held at 40.'];
        yield 'protect, flat' => [$stop, '0', 'protect MARL/USD stop @39.5', 'There is no position of marl_perp whose stop or targets could be moved.'];
        yield 'protect, the other side' => [$stop, '-3', 'protect long MARL/USD stop @39.5', 'The message is about a long, but the position is short.'];

        // 1 % of 10 000 = 100 at risk ÷ 0.80 (40.01 → 39.21) = 125.
        yield 'a size by risk' => [$stop + $risk, '0', 'enter long MARL/USD', 'Then looked after: stop at 39.21 (2%).'];
        yield 'a size by risk without a stop' => [$risk, '0', 'enter long MARL/USD', 'The size is a share of the money at risk, but there is no stop: set one in the route, or send “stop” in the message.'];

        // The stop of a long at 38.50 means nothing to the sell that closes a part of it.
        yield 'a stop at a price holds up no partial exit' => [['protection' => ['stop' => ['at' => '38.5']], 'size' => ['rule' => 'from_message']], '3', 'exit long MARL/USD size 1', 'Sell 1 marl_perp at market, reduce only.'];

        // −3 at 40, ask 40.01: −0.03 less fees of 0.06 (3 × 40.01 × 0.0005) = −0.0900 of 120 = −0.0750 %, rounded down −0.08.
        yield 'an exit that is not so far in profit' => [['exit_profit' => '0'], '-3', 'exit MARL/USD', 'The position stands at -0.08 %, fees included, and this route lets a signal close it from 0 % on.'];
        yield 'a flatten asks nobody' => [['exit_profit' => '5'], '-3', 'flatten MARL/USD', 'Buy 3 marl_perp at market, reduce only.'];
    }

    public function test_a_size_by_risk_is_the_money_over_the_distance_to_the_stop(): void
    {
        $rules = RouteRules::of(['protection' => ['stop' => ['percent' => '2']], 'size' => ['rule' => 'percent_at_risk', 'amount' => '1']] + Worlds::rules()->toArray());
        $decision = Decide::decide(LineReader::read('enter long MARL/USD'), $rules, Worlds::snapshot());

        self::assertSame('125', (string) $decision->tickets[0]->quantity);
        self::assertSame('1 % of 10000.00 USD = 100.00 USD at risk ÷ 0.80 to the stop = 125 → 125.00 = 5001.25 USD', $decision->steps[4]->sentence);
    }
}
