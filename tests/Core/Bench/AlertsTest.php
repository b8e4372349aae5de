<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Standin\Bench\Alert\AlertRun;
use Standin\Bench\Alert\Firing;
use Standin\Bench\Alert\PastedSlip;
use Standin\Bench\Alert\Template;
use Standin\Bench\Trouble;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Conditions;
use Wexon\Core\Study\StudyTrouble;

/** When alerts fire, what they say, and what a pasted slip says. */
final class AlertsTest extends TestCase
{
    private const BAR = 60_000;

    /**
     * @param  string  $looks  Prices within each bar, the last of each its close: "9 11 9|11 12".
     * @param  string  $fires  One sign for each of them: * fires, . does not.
     */
    #[DataProvider('ways')]
    public function test_when_it_fires(string $firing, string $is, string $looks, string $fires): void
    {
        $run = new AlertRun(Conditions::of(['left' => ['price' => 'close'], 'is' => $is, 'right' => ['number' => 10]]), Firing::named($firing));
        $run->warmUp(new Candle(-self::BAR, 9, 9, 9, 9));
        $seen = '';
        foreach (explode('|', $looks) as $bar => $prices) {
            $prices = array_map(floatval(...), explode(' ', $prices));
            foreach ($prices as $i => $price) {
                $candle = new Candle($bar * self::BAR, $prices[0], max(array_slice($prices, 0, $i + 1)), min(array_slice($prices, 0, $i + 1)), $price);
                $fired = $i === count($prices) - 1 ? $run->close($candle) : $run->look($candle);
                $seen .= $fired ? '*' : '.';
            }
            $seen .= '|';
        }

        self::assertSame($fires, rtrim($seen, '|'));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function ways(): iterable
    {
        yield 'each look that it holds' => ['each_tick', 'is_above', '9 11 9 11|11 12', '.*.*|**'];
        yield 'the first time within each bar' => ['once_a_bar', 'is_above', '9 11 9 11|11 12', '.*..|*.'];
        yield 'at each close' => ['at_the_close', 'is_above', '9 11 9 11|11 12|9 9', '...*|.*|..'];
        yield 'what vanishes before the close is not fired at it' => ['at_the_close', 'is_above', '9 11 9|9 9', '...|..'];
        yield 'a cross is true for one bar, however long it lasts' => ['at_the_close', 'crosses_up', '9 11|11 12|13 14', '.*|..|..'];
        yield 'a cross within the bar, seen once' => ['once_a_bar', 'crosses_up', '9 11 12|11 12', '.*.|..'];
        yield 'only one time, which the bench then ends' => ['only_once', 'is_above', '9 11 12', '.*.'];
        yield 'down' => ['at_the_close', 'crosses_down', '11|9|8', '.|*|.'];
        yield 'turns down' => ['at_the_close', 'turns_down', '10|11|10|9', '.|.|*|.'];
        yield 'turns up, from below' => ['at_the_close', 'turns_up', '8|7|8|9', '.|.|*|.'];
    }

    /** @param  array<string, mixed>  $spec */
    #[DataProvider('conditions')]
    public function test_conditions(array $spec, string $closes, string $holds, string $words): void
    {
        $condition = Conditions::of($spec);
        $seen = '';
        foreach (explode(' ', $closes) as $i => $close) {
            $seen .= $condition->next(new Candle($i * self::BAR, (float) $close, (float) $close, (float) $close, (float) $close)) ? '*' : '.';
        }

        self::assertSame([$holds, $words], [$seen, $condition->words()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> */
    public static function conditions(): iterable
    {
        $above = static fn (int $number): array => ['left' => ['price' => 'close'], 'is' => 'is_above', 'right' => ['number' => $number]];
        $below = static fn (int $number): array => ['left' => ['price' => 'close'], 'is' => 'is_below', 'right' => ['number' => $number]];
        $average = ['study' => 'simple_average', 'parameters' => ['length' => 2], 'line' => 'average'];
        yield 'and' => [['join' => 'and', 'terms' => [$above(2), $below(5)]], '1 3 4 6', '.**.', 'close is above 2 and close is below 5'];
        yield 'or, with a group' => [['join' => 'or', 'terms' => [$above(5), ['join' => 'and', 'terms' => [$above(0), $below(2)]]]], '1 3 4 6', '*..*', 'close is above 5 or (close is above 0 and close is below 2)'];
        yield 'against a study, which needs two candles' => [['left' => ['price' => 'close'], 'is' => 'crosses_up', 'right' => $average], '3 2 4 5', '..*.', 'close crosses up Simple average 2'];
        yield 'a study against itself' => [['left' => $average, 'is' => 'turns_up', 'right' => null], '5 4 3 6 7', '...*.', 'Simple average 2 turns up'];
        yield 'a line through 1 and 4, a minute each' => [['left' => ['price' => 'close'], 'is' => 'is_above', 'right' => ['line_from' => [0, 1], 'line_to' => [3 * self::BAR, 4]]], '2 2 2 5 5', '*..*.', 'close is above the drawn line'];
    }

    /** @param  array<string, mixed>  $spec */
    #[DataProvider('nonsense')]
    public function test_conditions_that_mean_nothing(array $spec, string $words): void
    {
        $this->expectException(StudyTrouble::class);
        $this->expectExceptionMessage($words);
        Conditions::of($spec);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'no terms' => [['join' => 'and', 'terms' => []], 'A condition joins 1 to 12 terms'];
        yield 'joined by' => [['join' => 'xor', 'terms' => [[]]], 'joined by “and” or by “or”'];
        yield 'no comparison' => [['left' => ['price' => 'close'], 'is' => 'touches'], 'A term says what “is” the case: is_above,'];
        yield 'no right side' => [['left' => ['price' => 'close'], 'is' => 'is_above'], 'On the right of a term stands'];
        yield 'no such price' => [['left' => ['price' => 'middle'], 'is' => 'turns_up'], 'A candle has open, high, low, close.'];
        yield 'no such line' => [['left' => ['study' => 'rsi', 'line' => 'upper'], 'is' => 'turns_up'], 'RSI has the lines rsi.'];
        yield 'a line straight up' => [['left' => ['price' => 'close'], 'is' => 'is_above', 'right' => ['line_from' => [5, 1], 'line_to' => [5, 2]]], 'two different times'];
    }

    public function test_a_template_fills_in_what_it_knows(): void
    {
        self::assertSame('MARL/USD at 38.40, ${clsoe}', Template::fill('${symbol} at ${close}, ${clsoe}', ['symbol' => 'MARL/USD', 'close' => '38.40']));
        self::assertSame(['clsoe'], Template::unknown('${symbol} ${clsoe} ${clsoe}', isScript: false));
        self::assertSame([['order_action'], []], [Template::unknown('${order_action}', isScript: false), Template::unknown('${order_action}', isScript: true)]);
    }

    public function test_a_slip_is_taken_whole(): void
    {
        $slip = PastedSlip::of("Wexon alert slip\r\nName: Marl: enter long MARL/USD\r\nSymbol: MARL/USD\r\nFire: Once, at the close of the bar in which the condition becomes true.\r\nAddress: http://127.0.0.1/in/abc\r\nExpires: 2030-01-31\r\nMessage:\r\n{\r\n  \"do\": \"enter\",\r\n  \"Name\": \"x\"\r\n}\r\n");

        self::assertSame(['Marl: enter long MARL/USD', 'MARL/USD', Firing::AtTheClose, 'http://127.0.0.1/in/abc', '2030-01-31', "{\n  \"do\": \"enter\",\n  \"Name\": \"x\"\n}", false], [$slip->name, $slip->symbol, $slip->firing, $slip->address, $slip->expires, $slip->message, $slip->isScript]);
        self::assertTrue(PastedSlip::of("Name: a\nAddress: http://b/in/c\nFire: At each order of the script.\nMessage:\nx")->isScript);
    }

    #[DataProvider('halfSlips')]
    public function test_half_a_slip_is_told(string $text, string $words): void
    {
        $this->expectException(Trouble::class);
        $this->expectExceptionMessage($words);
        PastedSlip::of($text);
    }

    /** @return iterable<string, array{string, string}> */
    public static function halfSlips(): iterable
    {
        yield 'only the message' => ['{"do": "enter"}', 'it has no line “Message:”'];
        yield 'no address' => ["Name: a\nMessage:\nx", 'This slip has no line “Address: …”'];
        yield 'no name' => ["Address: http://b\nMessage:\nx", 'This slip has no line “Name: …”'];
    }
}
