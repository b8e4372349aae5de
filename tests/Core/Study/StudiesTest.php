<?php

declare(strict_types=1);

namespace Tests\Core\Study;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\StudyTrouble;

/** Studies on a handful of candles, worked out by hand; and on hundreds, by the plain definition over the whole series. */
final class StudiesTest extends TestCase
{
    private const DAY = 86_400_000;

    /**
     * @param  array<string, int|float>  $parameters
     * @param  list<array<string, float>>  $expected  Of the last candles.
     */
    #[DataProvider('byHand')]
    public function test_by_hand(string $study, array $parameters, string $candles, array $expected): void
    {
        $made = Studies::make($study, $parameters);
        $lines = array_map($made->next(...), self::candles($candles));

        foreach (array_slice($lines, -count($expected)) as $i => $line) {
            self::assertSame(array_keys($expected[$i]), array_keys($line), "candle {$i} from the end");
            foreach ($expected[$i] as $name => $value) {
                self::assertEqualsWithDelta($value, $line[$name], 1e-9, "{$name} of candle {$i}");
            }
        }
    }

    /** @return iterable<string, array{string, array<string, int|float>, string, list<array<string, float>>}> Candles are closes, or high/low/close, or high/low/close/volume. */
    public static function byHand(): iterable
    {
        yield 'simple' => ['simple_average', ['length' => 3], '1 2 3 5', [[], ['average' => 2], ['average' => 10 / 3]]];
        yield 'exponential: begins with the simple one, then half of what is new' => ['exponential_average', ['length' => 3], '1 2 3 5', [[], ['average' => 2], ['average' => 3.5]]];
        yield 'weighted: (1 + 2·2 + 3·3) ÷ 6' => ['weighted_average', ['length' => 3], '1 2 3 5', [['average' => 14 / 6], ['average' => (2 + 2 * 3 + 3 * 5) / 6]]];
        yield 'smoothed: (2·2 + 5) ÷ 3' => ['smoothed_average', ['length' => 3], '1 2 3 5', [['average' => 2], ['average' => 3]]];
        yield 'rsi: rises 1, 0, 1 and falls 0, ½, 0' => ['rsi', ['length' => 2], '10 11 10.5 11.5', [[], ['rsi' => 100 * 0.5 / 0.75], ['rsi' => 100 * 0.75 / 0.875]]];
        yield 'rsi of what only rises' => ['rsi', ['length' => 2], '1 2 3', [['rsi' => 100]]];
        yield 'rsi of what stands still' => ['rsi', ['length' => 2], '2 2 2', [['rsi' => 50]]];
        yield 'macd: averages of 2 and 3, the line over 2' => ['macd', ['fast' => 2, 'slow' => 3, 'signal' => 2], '1 2 3 6', [['macd' => 0.5], ['macd' => 5 / 6, 'signal' => 2 / 3, 'difference' => 1 / 6]]];
        yield 'true range over a gap' => ['true_range', ['length' => 2], '11/9/10 15/14/14.5', [['range' => 2], ['range' => 5, 'average' => 3.5]]];
        yield 'bollinger: deviation of 1, 3 is 1' => ['bollinger', ['length' => 2, 'factor' => 2], '1 3', [['middle' => 2, 'upper' => 4, 'lower' => 0, 'share' => 0.75]]];
        yield 'keltner: average 12.25, range 3.5' => ['keltner', ['length' => 2, 'factor' => 2, 'range_length' => 2], '11/9/10 15/14/14.5', [['middle' => 12.25, 'upper' => 19.25, 'lower' => 5.25]]];
        yield 'donchian: of the candles before' => ['donchian', ['length' => 2], '11/9/10 15/14/14.5 20/1/3', [[], [], ['upper' => 15, 'lower' => 9, 'middle' => 12]]];
        yield 'midpoints' => ['midpoints', ['fast' => 1, 'slow' => 2], '11/9/10 15/14/14.5', [['fast' => 10], ['fast' => 14.5, 'slow' => 12]]];
        yield 'stochastic: 5.5 of 6, then 0 of 6' => ['stochastic', ['length' => 2, 'smooth' => 1, 'average' => 2], '11/9/10 15/14/14.5 15/9/9', [['k' => 100 * 5.5 / 6], ['k' => 0, 'd' => 50 * 5.5 / 6]]];
        yield 'rate of change' => ['rate_of_change', ['length' => 2], '10 11 12', [[], ['percent' => 20]]];
        yield 'vwap' => ['vwap', [], '3/3/3/10 6/6/6/20', [['vwap' => 3], ['vwap' => 5]]];
        yield 'trend flip: up at first, the line under it; then through it' => ['trend_flip', ['length' => 1, 'factor' => 1], '11/9/10 12/10/11 9/7/7', [['line' => 8, 'direction' => 1], ['line' => 9, 'direction' => 1], ['line' => 12, 'direction' => -1]]];
    }

    public function test_vwap_begins_anew_each_day(): void
    {
        $vwap = Studies::make('vwap');
        $vwap->next(new Candle(self::DAY - 1, 9, 9, 9, 9, 100));
        self::assertSame(['vwap' => 2.0], $vwap->next(new Candle(self::DAY, 2, 2, 2, 2, 1)));
    }

    public function test_hundreds_of_candles_by_the_definition(): void
    {
        $candles = self::wander(400);
        $closes = array_map(static fn (Candle $candle): float => $candle->close, $candles);
        $definitions = [
            ['simple_average', ['length' => 17], 'average', static fn (int $i): float => array_sum(array_slice($closes, $i - 16, 17)) / 17],
            ['bollinger', ['length' => 20, 'factor' => 2], 'upper', static function (int $i) use ($closes): float {
                $of = array_slice($closes, $i - 19, 20);
                $squares = array_sum(array_map(static fn (float $x): float => $x * $x, $of)) / 20;

                return array_sum($of) / 20 + 2 * sqrt($squares - (array_sum($of) / 20) ** 2);
            }],
            ['exponential_average', ['length' => 9], 'average', static fn (int $i): float => self::weightedFromTheEnd($closes, $i, 9, 2 / 10)],
            ['smoothed_average', ['length' => 9], 'average', static fn (int $i): float => self::weightedFromTheEnd($closes, $i, 9, 1 / 9)],
            ['rsi', ['length' => 14], 'rsi', static function (int $i) use ($closes): float {
                $rises = $falls = [];
                for ($j = 1; $j <= $i; $j++) {
                    $rises[] = max(0, $closes[$j] - $closes[$j - 1]);
                    $falls[] = max(0, $closes[$j - 1] - $closes[$j]);
                }
                $strength = self::weightedFromTheEnd($rises, $i - 1, 14, 1 / 14) / self::weightedFromTheEnd($falls, $i - 1, 14, 1 / 14);

                return 100 - 100 / (1 + $strength);
            }],
        ];
        foreach ($definitions as [$name, $parameters, $line, $by]) {
            $study = Studies::make($name, $parameters);
            foreach ($candles as $i => $candle) {
                $value = $study->next($candle)[$line] ?? null;
                if ($i > 60) {
                    self::assertEqualsWithDelta($by($i), $value, 1e-6, "{$name} of candle {$i}");
                }
            }
        }
    }

    public function test_a_copy_can_look_ahead_and_changes_nothing(): void
    {
        $candles = self::wander(120);
        foreach (array_keys(Studies::all()) as $name) {
            $study = Studies::make($name);
            $other = Studies::make($name);
            foreach ($candles as $i => $candle) {
                $copy = unserialize(serialize($study));
                self::assertIsObject($copy);
                $copy->next(new Candle($candle->at, 1, 900, 1, 900, 7));
                self::assertSame($other->next($candle), $study->next($candle), "{$name}, candle {$i}");
            }
        }
    }

    /** @param  array<string, mixed>  $parameters */
    #[DataProvider('mistakes')]
    public function test_what_cannot_be_is_said(string $study, array $parameters, string $words): void
    {
        $this->expectException(StudyTrouble::class);
        $this->expectExceptionMessage($words);
        Studies::make($study, $parameters);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'unknown' => ['moonphase', [], 'There is no study “moonphase”; known are simple_average,'];
        yield 'half a candle' => ['rsi', ['length' => 2.5], '“Length” is a whole number from 2 to 200; found “2.5”.'];
        yield 'too long' => ['simple_average', ['length' => '501'], 'found “501”'];
        yield 'unknown parameter' => ['rsi', ['period' => 3], 'There is no “period” here; known are length.'];
        yield 'fast above slow' => ['macd', ['fast' => 26, 'slow' => 12], 'The fast length lies below the slow one; found 26 and 12.'];
    }

    /**
     * An average begun with the simple one of the first n, each later number weighing a share: as one sum, from the end.
     *
     * @param  list<float|int>  $numbers
     */
    private static function weightedFromTheEnd(array $numbers, int $i, int $length, float $share): float
    {
        $sum = 0.0;
        for ($j = $i; $j >= $length; $j--) {
            $sum += $numbers[$j] * $share * (1 - $share) ** ($i - $j);
        }

        return $sum + array_sum(array_slice($numbers, 0, $length)) / $length * (1 - $share) ** ($i - $length + 1);
    }

    /** @return list<Candle> */
    private static function candles(string $text): array
    {
        return array_map(static function (string $word, int $i): Candle {
            $parts = array_map(floatval(...), explode('/', $word));
            [$high, $low, $close] = count($parts) === 1 ? [$parts[0], $parts[0], $parts[0]] : $parts;

            return new Candle($i * 60_000, $close, $high, $low, $close, $parts[3] ?? 1);
        }, explode(' ', $text), array_keys(explode(' ', $text)));
    }

    /** @return list<Candle> */
    private static function wander(int $count): array
    {
        $price = 100.0;
        $candles = [];
        for ($i = 0; $i < $count; $i++) {
            $before = $price;
            $price += (($i * 7919 + 31 * $i * $i) % 200 - 99) / 100;
            $candles[] = new Candle($i * 60_000, $before, max($before, $price) + 0.3, min($before, $price) - 0.2, $price, 1 + $i % 5);
        }

        return $candles;
    }
}
