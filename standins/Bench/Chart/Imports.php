<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use DateTimeImmutable;
use Exception;
use Illuminate\Database\Connection;
use Standin\Bench\Trouble;
use Standin\Exchange\Clock;
use Wexon\Core\Study\Candle;

/** Candles from CSV files: a heading, then time, open, high, low, close and perhaps volume in each line. docs/bench.md. */
final readonly class Imports
{
    private const MOST = 200_000;

    private const AT_ONCE = 1_000;

    private const COLUMNS = ['time', 'open', 'high', 'low', 'close'];

    public function __construct(private Connection $database) {}

    /** @return array<string, ImportedChart> By key. */
    public function charts(): array
    {
        $charts = [];
        foreach ($this->database->table('imports')->orderBy('id')->get() as $row) {
            $chart = new ImportedChart((int) $row->id, $row->name, Interval::named($row->candles), $this, (int) $row->digits);
            $charts[$chart->key()] = $chart;
        }

        return $charts;
    }

    /**
     * @return string The key of the new chart.
     *
     * @throws Trouble If a line cannot be read; it says which.
     */
    public function take(string $name, string $csv): string
    {
        $lines = preg_split('/\R/', trim($csv)) ?: [];
        $heading = array_map(static fn (?string $cell): string => strtolower(trim((string) $cell)), str_getcsv((string) array_shift($lines)));
        $missing = array_diff(self::COLUMNS, $heading);
        if (trim($name) === '' || $missing !== []) {
            throw new Trouble(trim($name) === '' ? 'Give the candles a name.' : 'The first line names the columns: time, open, high, low, close and, if there is one, volume. Missing: '.implode(', ', $missing).'.');
        }
        if ($lines === [] || count($lines) > self::MOST) {
            throw new Trouble('There have to be 2 to '.self::MOST.' candles, one in each line; found '.count($lines).'.');
        }
        $columns = array_flip($heading);
        $candles = [];
        $digits = 0;
        foreach ($lines as $number => $line) {
            if (trim($line) !== '') {
                $cells = str_getcsv($line);
                $candle = self::candle($cells, $columns, $number + 2);
                if (isset($candles[$candle->at])) {
                    throw new Trouble('Line '.($number + 2).' has the same time as a line before.');
                }
                $candles[$candle->at] = $candle;
                $digits = max($digits, strlen((string) strrchr((string) $cells[$columns['close']], '.')) - 1);
            }
        }
        ksort($candles);

        return $this->keep(trim($name), array_values($candles), max(0, $digits));
    }

    /** @return list<Candle> The last ones between two begins, oldest first. */
    public function candles(int $id, int $first, int $last, int $count): array
    {
        $rows = $this->database->table('imported_candles')->where('import_id', $id)->whereBetween('at', [$first, $last])->orderByDesc('at')->limit(min($count, self::MOST))->get();

        return array_reverse(array_values(array_map(static fn (object $row): Candle => new Candle((int) $row->at, (float) $row->open, (float) $row->high, (float) $row->low, (float) $row->close, (float) $row->volume), $rows->all())));
    }

    /** @param  list<Candle>  $candles */
    private function keep(string $name, array $candles, int $digits): string
    {
        $gaps = [];
        for ($i = 1; $i < count($candles); $i++) {
            $gaps[] = $candles[$i]->at - $candles[$i - 1]->at;
        }
        $interval = array_values(array_filter(Interval::cases(), static fn (Interval $one): bool => $gaps !== [] && $one->length() === min($gaps)))[0]
            ?? throw new Trouble('The shortest time between two candles is that of none of these intervals: '.implode(', ', array_column(Interval::cases(), 'value')).'.');

        return $this->database->transaction(function () use ($name, $candles, $digits, $interval): string {
            $id = $this->database->table('imports')->insertGetId(['name' => mb_substr($name, 0, 60), 'candles' => $interval->value, 'digits' => $digits, 'created_at' => Clock::milliseconds()]);
            foreach (array_chunk($candles, self::AT_ONCE) as $chunk) {
                $this->database->table('imported_candles')->insert(array_map(static fn (Candle $candle): array => ['import_id' => $id, ...get_object_vars($candle)], $chunk));
            }

            return "import:{$id}";
        });
    }

    /**
     * @param  array<int, string|null>  $cells
     * @param  array<string, int>  $columns
     *
     * @throws Trouble
     */
    private static function candle(array $cells, array $columns, int $line): Candle
    {
        $number = static function (string $column) use ($cells, $columns, $line): float {
            $cell = trim((string) ($cells[$columns[$column] ?? -1] ?? ($column === 'volume' ? '0' : '')));

            return is_numeric($cell) && (float) $cell >= 0 ? (float) $cell : throw new Trouble("Line {$line}: {$column} is a number; found “{$cell}”.");
        };
        $candle = new Candle(self::time(trim((string) $cells[$columns['time']]), $line), $number('open'), $number('high'), $number('low'), $number('close'), $number('volume'));
        if ($candle->low <= 0 || $candle->high < max($candle->open, $candle->close) || $candle->low > min($candle->open, $candle->close)) {
            throw new Trouble("Line {$line}: the high is not the highest price, or the low not the lowest, or not above 0.");
        }

        return $candle;
    }

    /** @throws Trouble */
    private static function time(string $cell, int $line): int
    {
        if (preg_match('/^\d{9,13}$/', $cell) === 1) {
            return (int) $cell * (strlen($cell) > 11 ? 1 : 1000);
        }
        try {
            return (new DateTimeImmutable($cell, new \DateTimeZone('UTC')))->getTimestamp() * 1000;
        } catch (Exception) {
            throw new Trouble("Line {$line}: “{$cell}” is no time. Write 2026-03-02 14:30 (UTC), or the seconds or milliseconds since 1970.");
        }
    }
}
