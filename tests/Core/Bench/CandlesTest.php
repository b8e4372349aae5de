<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use PHPUnit\Framework\TestCase;
use Standin\Bench\Alert\AlertRun;
use Standin\Bench\Alert\Firing;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Chart\VenueChart;
use Standin\Exchange\Clock;
use Standin\Exchange\PracticeClock;
use Standin\Quarrystone\Market;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Conditions;

/** The bench's candles: the same everywhere, and those of the venue. */
final class CandlesTest extends TestCase
{
    /** 2026-03-02 10:00 UTC. */
    private const TEN = 1_772_445_600_000;

    public function test_the_same_seed_and_time_make_the_same_candles_on_every_machine(): void
    {
        $shown = static fn (string $interval, int $count): array => array_map(
            static fn (Candle $candle): string => Clock::moment($candle->at)->format('H:i:s').' '.implode(' ', array_map(strval(...), [$candle->open, $candle->high, $candle->low, $candle->close, $candle->volume])),
            self::marl()->candles(Interval::named($interval))->closed(self::TEN, $count),
        );

        self::assertSame([
            ['09:59:58 41.91 41.91 41.91 41.91 3.5', '09:59:59 41.91 41.91 41.91 41.91 3.5'],
            ['09:58:00 41.88 41.9 41.88 41.89 98.8', '09:59:00 41.89 41.91 41.86 41.91 325.6'],
            ['09:30:00 42.42 42.42 42.03 42.04 6316.5', '09:45:00 42.04 42.07 41.86 41.91 3047.3'],
            ['00:00:00 43.07 44.68 43.03 43.03 956712.1'],
        ], [$shown('1s', 2), $shown('1min', 2), $shown('15min', 2), $shown('1d', 1)]);
    }

    public function test_the_same_seed_and_time_fire_the_same_alerts(): void
    {
        $candles = self::marl()->candles(Interval::OneMinute);
        $run = new AlertRun(Conditions::of(['left' => ['price' => 'close'], 'is' => 'crosses_up', 'right' => ['study' => 'simple_average', 'parameters' => ['length' => 20]]]), Firing::OnceABar);
        array_map($run->warmUp(...), $candles->closed(self::TEN, 100));
        $fired = [];
        for ($time = self::TEN + 5_000; $time <= self::TEN + 3_600_000; $time += 5_000) {
            $closes = $time % 60_000 === 0;
            $candle = $closes ? $candles->between($time - 60_000, $time - 60_000)[0] : $candles->forming($time);
            if ($candle !== null && ($closes ? $run->close($candle) : $run->look($candle))) {
                $fired[] = Clock::moment($time)->format('H:i:s')." {$candle->close}";
            }
        }

        self::assertSame(['10:01:10 41.97', '10:02:05 41.96', '10:06:55 41.94', '10:26:30 41.83', '10:41:05 41.79', '10:42:05 41.78'], $fired);
    }

    public function test_candles_hang_together(): void
    {
        foreach (Interval::cases() as $interval) {
            $candles = self::marl()->candles($interval)->closed(self::TEN, 50);
            self::assertCount(50, $candles);
            foreach ($candles as $i => $candle) {
                self::assertTrue($candle->low <= min($candle->open, $candle->close) && $candle->high >= max($candle->open, $candle->close));
                self::assertTrue($i === 0 || $candles[$i - 1]->close === $candle->open, "{$interval->value}: each begins where the one before ended");
                self::assertSame([$candle->open, $candle->close], [self::first(self::marl()->candles($interval)->within($candle)), array_slice(self::marl()->candles($interval)->within($candle), -1)[0]]);
            }
        }
    }

    public function test_a_long_candle_never_went_further_than_its_parts(): void
    {
        $quarters = self::marl()->candles(Interval::QuarterHour)->closed(self::TEN, 4);
        $minutes = self::marl()->candles(Interval::OneMinute)->closed(self::TEN, 60);

        foreach ($quarters as $i => $quarter) {
            $parts = array_slice($minutes, 15 * $i, 15);
            self::assertSame($quarter->open, $parts[0]->open);
            self::assertSame($quarter->close, $parts[14]->close);
            self::assertLessThanOrEqual(max(array_column($parts, 'high')), $quarter->high);
            self::assertGreaterThanOrEqual(min(array_column($parts, 'low')), $quarter->low);
        }
    }

    public function test_the_chart_shows_what_the_venue_quotes(): void
    {
        $market = new Market;
        foreach (self::marl()->candles(Interval::OneMinute)->closed(self::TEN, 20) as $candle) {
            $end = $candle->at + 60_000;
            $venue = $market->depth('marl_perp', $end)->quote;
            $chart = self::marl()->quote($candle->close);
            self::assertSame([(string) $venue->bid, (string) $venue->ask], [(string) $chart->bid, (string) $chart->ask]);
        }
    }

    public function test_the_candle_that_goes_on_becomes_the_closed_one(): void
    {
        $candles = self::marl()->candles(Interval::OneMinute);
        $forming = $candles->forming(self::TEN + 31_000);

        self::assertNotNull($forming);
        self::assertEquals([self::TEN, $candles->within($candles->between(self::TEN, self::TEN)[0])[self::TEN + 30_000]], [$forming->at, $forming->close], 'as far as its last look');
        self::assertEquals($candles->between(self::TEN, self::TEN)[0]->open, $forming->open);
    }

    public function test_the_practice_clock_in_its_pieces(): void
    {
        $clock = PracticeClock::of([['real' => 1_000, 'practice' => 1_000, 'rate' => 60], ['real' => 2_000, 'practice' => 500_000, 'rate' => 10], ['real' => 3_000, 'practice' => 3_000, 'rate' => 1]]);

        $expected = [500 => 500, 1_000 => 1_000, 1_500 => 31_000, 1_999 => 60_940, 2_000 => 500_000, 2_100 => 501_000, 3_500 => 3_500];
        self::assertSame($expected, array_combine(array_keys($expected), array_map($clock->at(...), array_keys($expected))));
        self::assertSame([1, 60, 10, 1], array_map($clock->rate(...), [500, 1_000, 2_999, 3_000]));
    }

    private static function marl(): VenueChart
    {
        return new VenueChart('quarrystone', 'marl_perp', 'MARL/USD', new Market);
    }

    /** @param  array<int, float>  $of */
    private static function first(array $of): float
    {
        return array_values($of)[0];
    }
}
