<?php

declare(strict_types=1);

namespace Standin\Bench\Demo;

use Brick\Math\BigDecimal;
use Standin\Bench\Alert\Template;
use Standin\Bench\Chart\Chart;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Script\RunningScripts;
use Standin\Bench\Script\Scripts;
use Standin\Bench\Script\Terms;
use Standin\Exchange\Clock;
use Wexon\Core\Practice\Noise;
use Wexon\Core\Study\Candle;

/** Some weeks before now: what the demo's charts would have sent, and the prices that there were. */
final readonly class Past
{
    private const DAY = 86_400_000;

    public function __construct(private DemoDesk $desk) {}

    /**
     * @param  int  $until  Milliseconds since 1970.
     * @return array{messages: list<array{at: int, inlet: string, body: string}>, prices: array<string, array{spread: int, rate: string, closes: list<array{int, string}>}>} Prices by "venue:instrument", at the close of each quarter of an hour.
     */
    public function of(int $days, int $until): array
    {
        $from = $until - $days * self::DAY;
        $messages = $prices = [];
        foreach (Lines::all() as $line) {
            if ($line->hasPast) {
                $chart = Charts::of($line->chart);
                $candles = self::candles($chart, $from, $until);
                $prices[$line->chart] = self::prices($chart, $candles);
                array_push($messages, ...$this->messages($line, $chart, $candles, $line->silentFor === null ? $until : $until - $line->silentFor * 3_600_000));
            }
        }
        foreach (Lines::ALSO_PRICED as $key) {
            $prices[$key] = self::prices(Charts::of($key), self::candles(Charts::of($key), $from, $until));
        }
        array_push($messages, ...$this->mistakes($from, $until));
        usort($messages, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return ['messages' => $messages, 'prices' => $prices];
    }

    /**
     * @param  list<Candle>  $candles
     * @return list<array{at: int, inlet: string, body: string}>
     */
    private function messages(Line $line, Chart $chart, array $candles, int $until): array
    {
        $script = Scripts::definition($line->script)->make($line->past);
        $run = RunningScripts::runOf(new Terms($chart, BigDecimal::of($line->size)), Interval::QuarterHour, $script, BigDecimal::zero(), 0);
        $messages = [];
        foreach ($candles as $candle) {
            foreach ($run->close($candle) as $event) {
                $values = ['symbol' => $chart->symbol(), 'close' => (string) $chart->price($candle->close), 'time' => Clock::iso($event->at)];
                $body = $event->at > $until ? null : $this->desk->messageOf($line, $event, $values);
                if ($body !== null) {
                    $messages[] = ['at' => $event->at + 200 + Noise::mixed(7, $event->at) % 900, 'inlet' => $line->inlet, 'body' => $body];
                }
            }
        }

        return $messages;
    }

    /** @return list<Candle> */
    private static function candles(Chart $chart, int $from, int $until): array
    {
        return $chart->candles(Interval::QuarterHour)->between($from, $until - Interval::QuarterHour->length());
    }

    /**
     * @param  list<Candle>  $candles
     * @return array{spread: int, rate: string, closes: list<array{int, string}>}
     */
    private static function prices(Chart $chart, array $candles): array
    {
        return ['spread' => $chart->spread(), 'rate' => (string) $chart->rate(), 'closes' => array_map(static fn (Candle $candle): array => [$candle->at + Interval::QuarterHour->length(), (string) $chart->price($candle->close)], $candles)];
    }

    /** @return list<array{at: int, inlet: string, body: string}> */
    private function mistakes(int $from, int $until): array
    {
        $messages = [];
        $mistakes = Lines::mistakes();
        for ($at = $from; $at < $until; $at += intdiv(self::DAY, 4)) {
            $dice = Noise::mixed(11, intdiv($at, 60_000));
            [, $inlet, , , $text] = $mistakes[$dice % count($mistakes)];
            $when = $at + ($dice >> 4) % intdiv(self::DAY, 4);
            $messages[] = ['at' => $when, 'inlet' => $inlet, 'body' => Template::fill($text, ['close' => '1840.0'])];
            if ($dice % 5 === 0) {
                $messages[] = ['at' => $when + 1_000, 'inlet' => 'mail', 'body' => Template::fill(array_values(Lines::letters())[$dice % 2], ['close' => '0.41'])];
            }
        }

        return array_values(array_filter($messages, static fn (array $message): bool => $message['at'] < $until));
    }
}
