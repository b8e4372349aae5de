<?php

namespace App\Console\Bench;

use Illuminate\Support\Facades\Http;
use RuntimeException;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Studies;

/** Studies in one process, and a whole chart as the bench's page asks for it. */
final class StudiesBench
{
    private const CHARTS = 15;

    private const CHART = ['chart' => 'quarrystone:marl_perp', 'candles' => '1min', 'count' => 5_000, 'studies' => [['study' => 'rsi'], ['study' => 'bollinger'], ['study' => 'exponential_average']]];

    /** @return list<array{string, string, string, string}> */
    public function run(): array
    {
        $rows = [];
        foreach (['rsi', 'bollinger', 'trend_flip'] as $name) {
            $study = Studies::make($name);
            $i = 0;
            $rows[] = Repeated::measure("candles through {$name}", static function () use ($study, &$i): void {
                $close = 100 + ($i * 7919 % 200) / 100;
                $study->next(new Candle(60_000 * $i++, $close, $close + 0.1, $close - 0.1, $close, 1));
            });
        }
        $times = [];
        for ($i = 0; $i < self::CHARTS; $i++) {
            $began = microtime(true);
            $answer = Http::timeout(30)->post(config('wexon.bench_url').'/api/chart', self::CHART)->throw();
            $times[] = microtime(true) - $began;
            count($answer->json('at')) === self::CHART['count'] || throw new RuntimeException('The chart has not as many candles as were asked for.');
        }
        $rows[] = Timings::of($times)->row('a chart of 5 000 candles with three studies', null);

        return $rows;
    }
}
