<?php

declare(strict_types=1);

namespace Standin\Bench\Web;

use Illuminate\Database\Connection;
use Standin\Bench\Alert\Firing;
use Standin\Bench\Alert\PastedSlip;
use Standin\Bench\Alert\Template;
use Standin\Bench\Chart\Chart;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Chart\View;
use Standin\Bench\Given;
use Standin\Bench\Script\Definition as ScriptDefinition;
use Standin\Bench\Script\Preview;
use Standin\Bench\Script\Scripts;
use Standin\Bench\Trouble;
use Standin\Exchange\PracticeClock;
use Wexon\Core\Study\Condition\Comparison\Comparison;
use Wexon\Core\Study\Condition\Comparison\Comparisons;
use Wexon\Core\Study\Condition\Operand\LineOperand;
use Wexon\Core\Study\Definition as StudyDefinition;
use Wexon\Core\Study\Studies;

/** What lies on the bench itself: charts, drawings, the clock. */
final readonly class Desk
{
    private const MOST_DRAWINGS = 200;

    public function __construct(private Connection $database) {}

    /** @return array<string, mixed> All that can be chosen from. */
    public function lists(): array
    {
        return [
            'charts' => array_values(array_map(static fn (Chart $chart): array => $chart->toArray(), Charts::all())),
            'intervals' => array_map(static fn (Interval $interval): array => ['name' => $interval->value, 'seconds' => intdiv($interval->length(), 1000)], Interval::cases()),
            'studies' => array_map(static fn (StudyDefinition $one): array => $one->toArray(), Studies::all()),
            'comparisons' => array_map(static fn (Comparison $one): bool => $one->needsRight(), Comparisons::all()),
            'scripts' => array_map(static fn (ScriptDefinition $one): array => $one->toArray(), Scripts::all()),
            'firings' => array_map(static fn (Firing $one): array => ['name' => $one->value, 'words' => $one->words()], Firing::cases()),
            'placeholders' => ['chart' => Template::OF_CHARTS, 'order' => Template::OF_ORDERS],
            'clock' => $this->clock(),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $given  chart, candles, count, until, studies, condition
     * @return array<string, mixed>
     */
    public function chart(array $given): array
    {
        return View::of(
            Charts::of(Given::text($given, 'chart')), Interval::named(Given::text($given, 'candles')),
            is_int($given['count'] ?? null) ? $given['count'] : 300, is_int($given['until'] ?? null) ? $given['until'] : null,
            array_slice(array_values(Given::list($given, 'studies')), 0, 8), is_array($given['condition'] ?? null) ? $given['condition'] : null,
        );
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>
     */
    public function preview(array $given): array
    {
        return Preview::of($given);
    }

    /** @return array{now: int, rate: int, is_rehearsal: bool, rates: list<int>} */
    public function clock(): array
    {
        return PracticeClock::shared()->toArray() + ['rates' => PracticeClock::RATES];
    }

    /**
     * @param  array<array-key, mixed>  $given  rate; from, milliseconds since 1970, to begin elsewhere; or real: true
     * @return array{now: int, rate: int, is_rehearsal: bool, rates: list<int>}
     *
     * @throws Trouble If it does not run so fast.
     */
    public function setClock(array $given): array
    {
        $rate = is_int($given['rate'] ?? null) ? $given['rate'] : 1;
        if (! in_array($rate, PracticeClock::RATES, true)) {
            throw new Trouble('The practice clock runs '.implode(', ', PracticeClock::RATES).' times as fast.');
        }
        ($given['real'] ?? false) === true ? PracticeClock::stop() : PracticeClock::run($rate, is_int($given['from'] ?? null) ? $given['from'] : null);

        return $this->clock();
    }

    /** @return list<array{id: int, chart: string, points: mixed}> */
    public function drawings(): array
    {
        return array_values($this->database->table('drawings')->orderByDesc('id')->limit(self::MOST_DRAWINGS)->get()->map(static fn (object $row): array => ['id' => (int) $row->id, 'chart' => (string) $row->chart, 'points' => json_decode($row->points, true, flags: JSON_THROW_ON_ERROR)])->all());
    }

    /**
     * A level, of one point, or a line, of two.
     *
     * @param  array<array-key, mixed>  $given  chart, points: [[milliseconds, price], …]
     * @return array{id: int}
     *
     * @throws Trouble
     */
    public function draw(array $given): array
    {
        $points = array_values(Given::list($given, 'points'));
        if (! in_array(count($points), [1, 2], true)) {
            throw new Trouble('A level has one point, a line two.');
        }
        LineOperand::of($points[0], $points[1] ?? [0, 1.0]);

        return ['id' => $this->database->table('drawings')->insertGetId(['chart' => Charts::of(Given::text($given, 'chart'))->key(), 'points' => json_encode($points, JSON_THROW_ON_ERROR)])];
    }

    /** @return array{} */
    public function rub(int $id): array
    {
        $this->database->table('drawings')->where('id', $id)->delete();

        return [];
    }

    /**
     * What a pasted slip says.
     *
     * @param  array<array-key, mixed>  $given  text
     * @return array<string, mixed>
     *
     * @throws Trouble If it is no slip.
     */
    public function slip(array $given): array
    {
        $slip = PastedSlip::of(Given::text($given, 'text'));
        $charts = array_filter(Charts::all(), static fn (Chart $chart): bool => $slip->symbol !== null && strcasecmp($chart->symbol(), $slip->symbol) === 0);

        return [
            'name' => $slip->name, 'address' => $slip->address, 'message' => $slip->message, 'firing' => $slip->firing->value, 'expires' => $slip->expires,
            'charts' => array_keys($charts), 'is_script' => $slip->isScript,
        ];
    }
}
