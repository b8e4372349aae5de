<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Given;
use Standin\Bench\Trouble;
use Standin\Exchange\PracticeClock;
use Wexon\Core\Study\Condition\Conditions;

/** What a script, or a pair of alerts, would have done over the past. */
final class Preview
{
    private const MOST = 5_000;

    private const SHOWN_TRADES = 500;

    /**
     * @param  array<array-key, mixed>  $given  chart, candles, size, fee, slippage, count; script and parameters, or enter, exit (conditions) and side
     * @return array{marks: list<array<string, mixed>>, trades: list<array<string, mixed>>, summary: array<string, mixed>, money: array{at: list<int>, value: list<float>}}
     *
     * @throws Trouble If it cannot be run.
     */
    public static function of(array $given): array
    {
        $row = RunningScripts::checkedTerms($given);
        $chart = Charts::of($row['chart']);
        $interval = Interval::named($row['candles']);
        $size = BigDecimal::of($row['size']);
        $script = Given::isPair($given)
            ? Pair::of(Conditions::of(Given::list($given, 'enter')), Conditions::of(Given::list($given, 'exit')), ($given['side'] ?? 'long') !== 'short')
            : Scripts::definition(Given::text($given, 'script'))->make(Given::list($given, 'parameters'));
        $run = RunningScripts::runOf(new Terms($chart, $size), $interval, $script, BigDecimal::of($row['fee']), $row['slippage']);
        $count = is_int($given['count'] ?? null) ? $given['count'] : 1_000;
        $trips = new RoundTrips;
        $marks = $times = $money = [];
        foreach ($chart->candles($interval)->closed(PracticeClock::shared()->now(), max(2, min($count, self::MOST))) as $candle) {
            foreach ($run->candle($candle) as $event) {
                $trips->add($event, $event->money);
                if ($event->trades()) {
                    $marks[] = $event->mark($candle->at);
                }
            }
            $trips->mark($run->money());
            $times[] = $candle->at;
            $money[] = round($run->money()->toFloat(), 2);
        }

        return ['marks' => $marks, 'trades' => array_slice(array_reverse($trips->trades()), 0, self::SHOWN_TRADES), 'summary' => $trips->summary($run->money()), 'money' => ['at' => $times, 'value' => $money]];
    }
}
