<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use Illuminate\Database\Connection;
use Standin\Bench\Chart\Charts;
use Standin\Bench\Chart\Interval;
use Standin\Bench\Given;
use Standin\Bench\Trouble;
use Standin\Exchange\Clock;
use Standin\Exchange\Plain;
use Standin\Exchange\PracticeClock;
use stdClass;

/** The scripts that run on charts, on disk: what each remembers is kept together with how far it has come. */
final readonly class RunningScripts
{
    /** Candles before its begin that a script learns from. */
    public const WARM_UP = 500;

    private const SHOWN_EVENTS = 200;

    private const MOST_SLIPPAGE = 1_000;

    public function __construct(private Connection $database) {}

    /** @return list<array<string, mixed>> The newest first. */
    public function all(): array
    {
        $last = [];
        foreach ($this->database->table('script_events')->whereIn('id', $this->database->table('script_events')->selectRaw('MAX(id)')->groupBy('script_id'))->get() as $event) {
            $last[$event->script_id] = $event;
        }

        return array_map(static fn (stdClass $row): array => self::shown($row, $last[$row->id] ?? null), array_values($this->database->table('scripts')->orderByDesc('id')->limit(100)->get()->all()));
    }

    /**
     * Sets one to work, from now on.
     *
     * @param  array<array-key, mixed>  $given  script, chart, candles, parameters, size, fee (percent), slippage (ticks)
     * @return array<string, mixed>
     *
     * @throws Trouble If it cannot run so.
     */
    public function start(array $given): array
    {
        $now = PracticeClock::shared()->now();
        $row = self::checked($given);
        if (! Charts::of($row['chart'])->goesOn()) {
            throw new Trouble('Imported candles are of the past. Choose a chart of a venue, or look at the preview.');
        }
        $id = $this->database->table('scripts')->insertGetId($row + ['state' => 'running', 'since' => $now, 'seen_until' => $now, 'created_at' => Clock::milliseconds()]);

        return self::shown($this->row($id), null);
    }

    public function stop(int $id): void
    {
        $this->database->table('scripts')->where('id', $id)->update(['state' => 'stopped']);
        $this->database->table('alerts')->where('script_id', $id)->where('state', 'active')->update(['state' => 'stopped']);
    }

    /** @return list<array<string, mixed>> The newest first. */
    public function events(int $id): array
    {
        return array_map(static fn (stdClass $row): array => (array) $row, array_values($this->database->table('script_events')->where('script_id', $id)->orderByDesc('id')->limit(self::SHOWN_EVENTS)->get()->all()));
    }

    /** @throws Trouble */
    public function row(int $id): stdClass
    {
        return $this->database->table('scripts')->where('id', $id)->first() ?? throw Trouble::notFound('script');
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array{script: string, chart: string, candles: string, parameters: string, size: string, fee: string, slippage: int}
     *
     * @throws Trouble
     */
    public static function checked(array $given): array
    {
        $terms = self::checkedTerms($given);
        $script = Given::text($given, 'script');
        $parameters = Given::list($given, 'parameters');
        Scripts::definition($script)->make($parameters);

        return ['script' => $script, 'parameters' => json_encode($parameters, JSON_THROW_ON_ERROR)] + $terms;
    }

    /**
     * What is traded, and how much of it: of a script or of a pair of alerts.
     *
     * @param  array<array-key, mixed>  $given
     * @return array{chart: string, candles: string, size: string, fee: string, slippage: int}
     *
     * @throws Trouble
     */
    public static function checkedTerms(array $given): array
    {
        $chart = Charts::of(Given::text($given, 'chart'));
        $interval = Interval::named(Given::text($given, 'candles'));
        $size = self::decimal($given['size'] ?? null, 'size');
        $fee = self::decimal($given['fee'] ?? '0', 'fee');
        $slippage = is_numeric($given['slippage'] ?? 0) ? (int) ($given['slippage'] ?? 0) : -1;
        $details = $chart->details();
        if (! $size->isPositive() || ! $details->roundSizeDown($size)->isEqualTo($size)) {
            throw new Trouble("A size of {$chart->symbol()} is a multiple of {$details->lotStep}, above 0; found {$size}.");
        }
        if ($fee->isNegative() || $fee->isGreaterThan(5) || $slippage < 0 || $slippage > self::MOST_SLIPPAGE) {
            throw new Trouble('The fee is 0 to 5 percent of an order, the slippage 0 to '.self::MOST_SLIPPAGE.' ticks.');
        }

        return ['chart' => $chart->key(), 'candles' => $interval->value, 'size' => (string) $size, 'fee' => (string) $fee, 'slippage' => $slippage];
    }

    /** A run that goes on from what was put down; one that begins has learned from the candles before. */
    public static function run(stdClass $row): Run
    {
        $chart = Charts::of($row->chart);
        $interval = Interval::named($row->candles);
        $parameters = json_decode($row->parameters, true, flags: JSON_THROW_ON_ERROR);
        $definition = Scripts::definition($row->script);
        $script = $definition->make(is_array($parameters) ? $parameters : []);
        $run = self::runOf(new Terms($chart, BigDecimal::of($row->size)->stripTrailingZeros()), $interval, $script, BigDecimal::of($row->fee), (int) $row->slippage);
        if ($row->state_then !== null) {
            return $run->takenUp($row->state_then);
        }
        if ($definition->learns) {
            array_map($run->warmUp(...), $chart->candles($interval)->closed((int) $row->since, self::WARM_UP));
        }

        return $run;
    }

    /** @param  BigDecimal  $fee  Percent. */
    public static function runOf(Terms $terms, Interval $interval, Script $script, BigDecimal $fee, int $slippage): Run
    {
        $details = $terms->chart->details();

        return new Run($terms, $interval, $script, new Book($fee->multipliedBy('0.01'), $details->multiplier), $details->tick->multipliedBy($slippage));
    }

    /** @throws Trouble */
    private static function decimal(mixed $given, string $what): BigDecimal
    {
        try {
            return BigDecimal::of(is_string($given) || is_int($given) ? $given : (is_float($given) ? (string) $given : ''));
        } catch (MathException) {
            throw new Trouble("The {$what} is a number, such as 2.5.");
        }
    }

    /** @return array<string, mixed> */
    private static function shown(stdClass $row, ?stdClass $last): array
    {
        return [
            'id' => $row->id, 'script' => $row->script, 'label' => Scripts::definition($row->script)->label, 'chart' => $row->chart, 'symbol' => Charts::of($row->chart)->symbol(), 'candles' => $row->candles,
            'parameters' => json_decode($row->parameters, true, flags: JSON_THROW_ON_ERROR), 'size' => Plain::number($row->size), 'fee' => Plain::number($row->fee), 'slippage' => $row->slippage,
            'state' => $row->state, 'since' => $row->since, 'position' => $last === null ? '0' : Plain::number($last->position), 'money' => $last === null ? '0.00' : (string) BigDecimal::of($last->money)->toScale(2, RoundingMode::HALF_EVEN), 'last_at' => $last?->at,
        ];
    }
}
