<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Ticket;
use Wexon\Core\Reading\WexonMessage;
use Wexon\Core\Route\RouteRules;

/**
 * What goes out, for every kind of signal, every position and every choice of the route. All expectations are written by
 * hand: entries are of 2 units, held are 3, “r” is reduce only, “–” is nothing.
 */
final class TicketTableTest extends TestCase
{
    use TestTrait;

    /** @param  array<string, mixed>  $rules */
    #[DataProvider('rows')]
    public function test_the_tickets(string $message, string $held, array $rules, string $expected): void
    {
        $decision = Decide::decide(WexonMessage::read($message), self::rules($rules), Worlds::snapshot($held));

        self::assertSame($expected, self::short($decision->tickets), $decision->summary());
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string}> */
    public static function rows(): iterable
    {
        // Chart before > after, its order, the route's choice when they disagree: tickets while flat, long, short.
        yield from self::table(<<<'TABLE'
            flat>long   buy  keep_ours    | buy 2          | –              | buy 3 r, buy 2
            flat>long   buy  follow_chart | buy 2          | –              | buy 3 r, buy 2
            flat>short  sell keep_ours    | sell 2         | sell 3 r, sell 2 | –
            flat>short  sell follow_chart | sell 2         | sell 3 r, sell 2 | –
            long>flat   sell keep_ours    | –              | sell 3 r       | –
            long>flat   sell follow_chart | –              | sell 3 r       | buy 3 r
            short>flat  buy  keep_ours    | –              | –              | buy 3 r
            short>flat  buy  follow_chart | –              | sell 3 r       | buy 3 r
            long>short  sell keep_ours    | sell 2         | sell 3 r, sell 2 | –
            long>short  sell follow_chart | sell 2         | sell 3 r, sell 2 | –
            short>long  buy  keep_ours    | buy 2          | –              | buy 3 r, buy 2
            short>long  buy  follow_chart | buy 2          | –              | buy 3 r, buy 2
            long>long   buy  keep_ours    | –              | buy 2          | –
            long>long   buy  follow_chart | buy 2          | buy 2          | buy 3 r, buy 2
            long>long   sell keep_ours    | –              | sell 1 r       | –
            long>long   sell follow_chart | buy 2          | sell 1 r       | buy 3 r, buy 2
            short>short sell keep_ours    | –              | –              | sell 2
            short>short sell follow_chart | sell 2         | sell 3 r, sell 2 | sell 2
            short>short buy  keep_ours    | –              | –              | buy 1 r
            short>short buy  follow_chart | sell 2         | sell 3 r, sell 2 | buy 1 r
            flat>flat   buy  follow_chart | –              | –              | –
            long>short  buy  follow_chart | –              | –              | –
            flat>long   sell follow_chart | –              | –              | –
            short>flat  sell follow_chart | –              | –              | –
            TABLE, static function (string $row): array {
            [$chart, $do, $choice] = preg_split('/\s+/', $row) ?: [];
            [$before, $after] = explode('>', $chart);

            return ["{\"do\": \"{$do}\", \"symbol\": \"MARL/USD\", \"size\": 1, \"position\": {\"before\": \"{$before}\", \"after\": \"{$after}\", \"size\": 2}}", ['disagreement' => $choice]];
        });
        // A bare order, the sides that the route trades, what an opposite signal does.
        yield from self::table(<<<'TABLE'
            buy  both  close_only        | buy 2  | –        | buy 3 r
            buy  both  close_and_reverse | buy 2  | –        | buy 3 r, buy 2
            buy  both  ignore            | buy 2  | –        | –
            buy  long  close_only        | buy 2  | –        | buy 3 r
            buy  long  close_and_reverse | buy 2  | –        | buy 3 r, buy 2
            buy  long  ignore            | buy 2  | –        | –
            buy  short close_only        | –      | –        | buy 3 r
            buy  short close_and_reverse | –      | –        | buy 3 r
            buy  short ignore            | –      | –        | –
            sell both  close_only        | –      | sell 3 r | –
            sell both  close_and_reverse | sell 2 | sell 3 r, sell 2 | –
            sell both  ignore            | sell 2 | –        | –
            sell long  close_only        | –      | sell 3 r | –
            sell long  close_and_reverse | –      | sell 3 r | –
            sell long  ignore            | –      | –        | –
            sell short close_only        | sell 2 | sell 3 r | –
            sell short close_and_reverse | sell 2 | sell 3 r, sell 2 | –
            sell short ignore            | sell 2 | –        | –
            TABLE, static function (string $row): array {
            [$do, $sides, $opposite] = preg_split('/\s+/', $row) ?: [];

            return ["{\"do\": \"{$do}\", \"symbol\": \"MARL/USD\"}", ['sides' => $sides, 'opposite' => $opposite]];
        });
        // What the message says by itself.
        yield from self::table(<<<'TABLE'
            "do": "enter", "side": "long"               | buy 2  | –        | –
            "do": "enter", "side": "short"              | sell 2 | –        | –
            "do": "add", "side": "long"                 | –      | buy 2    | –
            "do": "add"                                 | –      | buy 2    | sell 2
            "do": "exit"                                | –      | sell 3 r | buy 3 r
            "do": "exit", "side": "short"               | –      | –        | buy 3 r
            "do": "exit", "share": 50                   | –      | sell 1.5 r | buy 1.5 r
            "do": "exit", "share": 33.34                | –      | sell 1 r | buy 1 r
            "do": "exit", "share": 100                  | –      | sell 3 r | buy 3 r
            "do": "exit", "size": 2                     | –      | sell 2 r | buy 2 r
            "do": "exit", "size": 9                     | –      | sell 3 r | buy 3 r
            "do": "exit", "share": 99.8                 | –      | sell 2.99 r | buy 2.99 r
            "do": "exit", "share": 0.1                  | –      | –        | –
            "do": "flip", "side": "short"               | sell 2 | sell 3 r, sell 2 | –
            "do": "flatten"                             | –      | sell 3 r | buy 3 r
            "do": "set", "side": "flat"                 | –      | sell 3 r | buy 3 r
            "do": "set", "side": "long", "size": 5      | buy 5  | buy 2    | buy 3 r, buy 5
            "do": "set", "side": "long", "size": 3      | buy 3  | –        | buy 3 r, buy 3
            "do": "set", "side": "long", "size": 1.25   | buy 1.25 | sell 1.75 r | buy 3 r, buy 1.25
            "do": "set", "side": "short", "size": 4     | sell 4 | sell 3 r, sell 4 | sell 1
            "do": "place", "side": "long", "limit": 38  | buy 2  | buy 2    | buy 2
            "do": "cancel", "all": true                 | –      | –        | –
            "do": "protect", "stop": "2%"               | –      | –        | –
            "do": "enter", "side": "long", "stop": "2%" | buy 2  | –        | –
            TABLE, static fn (string $row): array => ['{"symbol": "MARL/USD", '.$row.'}', []]);
    }

    /** @param  array<string, mixed>  $rules */
    #[DataProvider('sized')]
    public function test_adds_caps_and_factors(string $message, string $held, array $rules, string $expected, string $words): void
    {
        $decision = Decide::decide(WexonMessage::read($message), self::rules($rules), Worlds::snapshot($held));
        $said = implode(' ', array_map(static fn ($step): string => $step->sentence, $decision->steps));

        self::assertSame($expected, self::short($decision->tickets), $said);
        self::assertStringContainsString($words, $said);
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string, string}> */
    public static function sized(): iterable
    {
        $enter = '{"do": "enter", "side": "long", "symbol": "MARL/USD"}';
        $add = '{"do": "add", "symbol": "MARL/USD"}';
        $set = '{"do": "set", "side": "long", "symbol": "MARL/USD", "size": 10}';
        // Ask 40.01, 10 000 USD: 10 % of it are 1000.00 ÷ 40.01 = 24.99…
        yield 'a share of the free money' => [$enter, '0', ['size' => ['rule' => 'percent_of_free', 'amount' => '10']], 'buy 24.99', '10 % of 10000.00 USD free = 1000.00 USD ÷ 40.01'];
        yield 'times a factor' => [$enter, '0', ['size' => ['rule' => 'fixed_units', 'amount' => '2', 'multiplier' => '1.5']], 'buy 3', '2 units × 1.5'];
        yield 'capped per order in money' => [$enter, '0', ['size' => ['rule' => 'fixed_units', 'amount' => '9'], 'caps' => ['order' => ['amount' => '100', 'unit' => 'money']]], 'buy 2.49', 'capped at 100 USD per order'];
        yield 'an add capped by the position' => [$add, '3', ['caps' => ['position' => ['amount' => '4.5', 'unit' => 'units']]], 'buy 1.5', 'capped at 4.5 units per position'];
        yield 'a position at its cap' => [$add, '3', ['caps' => ['position' => ['amount' => '3', 'unit' => 'units']]], '–', 'is at its cap of 3 units already'];
        yield 'adds of another size' => [$add, '-3', ['adds' => ['most' => 2, 'size' => ['rule' => 'fixed_money', 'amount' => '40']]], 'sell 1', 'add 1: 40 USD ÷ 39.99'];
        yield 'no adds' => [$add, '3', ['adds' => ['most' => 0]], '–', 'takes no adds'];
        yield 'a set, scaled' => [$set, '3', ['size' => ['rule' => 'from_message', 'multiplier' => '0.5']], 'buy 2', 'message: 10 units × 0.5 wanted, 3 held'];
        $reversal = '{"do": "sell", "symbol": "MARL/USD", "size": 9, "position": {"before": "long", "after": "short", "size": 4}}';
        yield 'a reversal opens what the chart holds after it, not its whole order' => [$reversal, '3', ['size' => ['rule' => 'from_message']], 'sell 3 r, sell 4', 'message: 4 units'];
        yield 'an entry after the chart has added opens all that it holds' => ['{"do": "buy", "symbol": "MARL/USD", "size": 1, "position": {"before": "long", "after": "long", "size": 4}}', '0', ['size' => ['rule' => 'from_message'], 'disagreement' => 'follow_chart'], 'buy 4', 'message: 4 units'];
        yield 'an add adds its order' => ['{"do": "buy", "symbol": "MARL/USD", "size": 1, "position": {"before": "long", "after": "long", "size": 4}}', '3', ['size' => ['rule' => 'from_message']], 'buy 1', 'message: 1 units'];
        yield 'a reversal in money is as large as its order' => ['{"do": "sell", "symbol": "MARL/USD", "size": {"amount": 200, "unit": "money"}, "position": {"before": "long", "after": "short", "size": 4}}', '0', ['size' => ['rule' => 'from_message']], 'sell 5', 'message: 200'];
        yield 'a message in contracts' => ['{"do": "enter", "side": "long", "symbol": "MARL/USD", "size": {"amount": 4, "unit": "contracts"}}', '0', ['size' => ['rule' => 'from_message']], 'buy 4', 'message: 4 units'];
        yield 'a message in lots where there are none' => ['{"do": "enter", "side": "long", "symbol": "MARL/USD", "size": {"amount": 4, "unit": "lots"}}', '0', ['size' => ['rule' => 'from_message']], '–', 'is traded in units here'];
        yield 'a message in foreign money' => ['{"do": "enter", "side": "long", "symbol": "MARL/USD", "size": {"amount": 4, "unit": "money", "currency": "NOK"}}', '0', ['size' => ['rule' => 'from_message']], '–', 'asks for 4 NOK, but the account\'s money is USD'];
        yield 'a part that says not how much' => ['{"do": "sell", "symbol": "MARL/USD", "position": {"before": "long", "after": "long"}}', '3', [], '–', 'does not say how much'];
    }

    public function test_a_clean_start_leaves_the_charts_earlier_trade_alone(): void
    {
        $rules = self::rules(['start_clean' => true]);
        foreach (['exit' => '–', 'add' => '–', 'flip' => 'sell 3 r, sell 2'] as $do => $expected) {
            $message = WexonMessage::read('{"symbol": "MARL/USD", "do": "'.$do.'"'.($do === 'flip' ? ', "side": "short"' : '').'}');
            self::assertSame($expected, self::short(Decide::decide($message, $rules, Worlds::snapshot('3', entered: false))->tickets), $do);
        }
        self::assertSame('sell 3 r', self::short(Decide::decide(WexonMessage::read('{"do": "exit", "symbol": "MARL/USD"}'), $rules, Worlds::snapshot('3'))->tickets), 'after an entry');
        self::assertSame('–', self::short(Decide::decide(WexonMessage::read('{"do": "add", "symbol": "MARL/USD"}'), $rules, Worlds::snapshot('3', adds: 5))->tickets), 'the fifth add was the last');
    }

    /** Over any run of signals: never beyond a cap, the free money or what is held, and always in steps. */
    public function test_caps_steps_and_money_hold_over_any_run(): void
    {
        $signal = Generators::elements(
            '"do": "enter", "side": "long"', '"do": "enter", "side": "short"', '"do": "add"', '"do": "exit"', '"do": "exit", "share": 33.3', '"do": "exit", "size": 1.7',
            '"do": "flip", "side": "long"', '"do": "flip", "side": "short"', '"do": "set", "side": "long", "size": 7.77', '"do": "set", "side": "short", "size": 0.5', '"do": "flatten"',
        );
        $rules = self::rules(['size' => ['rule' => 'percent_of_free', 'amount' => '60', 'multiplier' => '1.3'], 'adds' => ['most' => 9], 'caps' => ['order' => ['amount' => '6', 'unit' => 'units'], 'position' => ['amount' => '400', 'unit' => 'money']]]);
        $this->limitTo(80)->forAll(Generators::vector(14, $signal), Generators::choose(50, 2_000))->disableShrinking()->then(function (array $signals, int $equity) use ($rules): void {
            $held = BigDecimal::zero();
            foreach ($signals as $one) {
                $decision = Decide::decide(WexonMessage::read('{"symbol": "MARL/USD", '.$one.'}'), $rules, Worlds::snapshot((string) $held, equity: (string) $equity, free: (string) $held->abs()->multipliedBy(-40)->plus($equity)));
                foreach ($decision->tickets as $ticket) {
                    self::assertTrue($ticket->quantity->remainder('0.01')->isZero());
                    self::assertTrue($ticket->reduceOnly || $ticket->quantity->isLessThanOrEqualTo(6));
                    self::assertTrue(! $ticket->reduceOnly || $ticket->quantity->isLessThanOrEqualTo($held->abs()), 'an exit never turns a position round');
                    $held = $held->plus($ticket->quantity->multipliedBy($ticket->side->sign()));
                }
                self::assertTrue($held->abs()->multipliedBy('39.99')->isLessThanOrEqualTo(400), "{$held} after {$one}");
                self::assertTrue($held->abs()->multipliedBy('39.99')->isLessThanOrEqualTo($equity), "{$held} of {$equity}");
            }
        });
    }

    /**
     * @param  callable(string): array{string, array<string, mixed>}  $read
     * @return iterable<string, array{string, string, array<string, mixed>, string}>
     */
    private static function table(string $table, callable $read): iterable
    {
        foreach (explode("\n", $table) as $line) {
            $cells = array_map(trim(...), explode('|', $line));
            [$message, $rules] = $read($cells[0]);
            foreach (['0', '3', '-3'] as $i => $held) {
                yield preg_replace('/\s+/', ' ', $cells[0])." holding {$held}" => [$message, $held, $rules, $cells[$i + 1]];
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    private static function rules(array $changes): RouteRules
    {
        return RouteRules::of([
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => 'both', 'opposite' => 'close_only', 'size' => ['rule' => 'fixed_units', 'amount' => '2'], 'adds' => ['most' => 5], ...$changes,
        ]);
    }

    /** @param  list<Ticket>  $tickets */
    private static function short(array $tickets): string
    {
        $short = array_map(static fn (Ticket $ticket): string => "{$ticket->side->value} {$ticket->quantity}".($ticket->reduceOnly ? ' r' : ''), $tickets);

        return $short === [] ? '–' : implode(', ', $short);
    }
}
