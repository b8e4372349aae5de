<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Standin\Exchange\PracticeClock;
use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Conditions;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\StudyTrouble;

/** What the page draws: candles, the lines of studies beside them, and where a condition held. */
final class View
{
    private const MOST = 5_000;

    /** Candles before the first one that is shown, for studies to learn from. */
    private const WARM_UP = 300;

    private const DAY = 86_400_000;

    /**
     * @param  list<mixed>  $studies  Each {"study": name, "parameters": {…}}.
     * @param  array<array-key, mixed>|null  $condition
     * @return array<string, mixed> Columns of the same length: "at", "open" …; "lines" of each study, null where there is none; "holds", the indices of candles.
     *
     * @throws StudyTrouble If a study or the condition means nothing.
     */
    public static function of(Chart $chart, Interval $interval, int $count, ?int $until, array $studies, ?array $condition): array
    {
        $now = PracticeClock::shared()->now();
        $until = min($until ?? $now, $now);
        $count = max(1, min($count, self::MOST));
        $candles = $chart->candles($interval)->closed($until, $count + self::WARM_UP);
        $closed = count($candles);
        $forming = $chart->candles($interval)->forming($until);
        $candles = $forming === null ? $candles : [...$candles, $forming];
        $skip = max(0, count($candles) - $count);
        $lines = array_map(static fn (mixed $study): array => array_map(static fn (array $line): array => array_slice($line, $skip), self::lines(is_array($study) ? $study : [], $candles)), $studies);
        $holds = $condition === null ? null : self::holds($condition, $candles, $closed, $skip);
        $shown = array_slice($candles, $skip);
        $column = static fn (string $name): array => array_map(static fn (Candle $candle): int|float => $candle->{$name}, $shown);

        return [
            ...PracticeClock::shared()->toArray(), 'is_forming' => $forming !== null,
            'at' => $column('at'), 'open' => $column('open'), 'high' => $column('high'), 'low' => $column('low'), 'close' => $column('close'), 'volume' => $column('volume'),
            'lines' => $lines, 'condition' => $holds,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $spec
     * @param  list<Candle>  $candles
     * @return array<string, list<float|null>>
     */
    private static function lines(array $spec, array $candles): array
    {
        $name = is_string($spec['study'] ?? null) ? $spec['study'] : '';
        $definition = Studies::definition($name);
        $study = $definition->make(is_array($spec['parameters'] ?? null) ? $spec['parameters'] : []);
        $lines = array_fill_keys($definition->lines, []);
        foreach ($candles as $candle) {
            $values = $study->next($candle);
            foreach ($definition->lines as $line) {
                $lines[$line][] = isset($values[$line]) ? round($values[$line], 10) : null;
            }
        }

        return $lines;
    }

    /**
     * @param  array<array-key, mixed>  $spec
     * @param  list<Candle>  $candles
     * @return array{words: string, holds: list<int>, per_day: float, begins_per_day: float} "begins": candles on which it holds and did not on the one before.
     */
    private static function holds(array $spec, array $candles, int $closed, int $skip): array
    {
        $condition = Conditions::of($spec);
        $holds = [];
        $begins = 0;
        $before = false;
        foreach ($candles as $i => $candle) {
            $does = $condition->next($candle);
            if ($does && $i >= $skip) {
                $holds[] = $i - $skip;
                $begins += $before || $i >= $closed ? 0 : 1;
            }
            $before = $does;
        }
        $shown = array_slice($candles, $skip);
        $days = $shown === [] ? 0 : ($shown[count($shown) - 1]->at - $shown[0]->at) / self::DAY;

        return ['words' => $condition->words(), 'holds' => $holds, 'per_day' => $days > 0 ? round(count($holds) / $days, 1) : 0.0, 'begins_per_day' => $days > 0 ? round($begins / $days, 1) : 0.0];
    }
}
