<?php

declare(strict_types=1);

namespace Wexon\Core\Practice;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * A made-up price for every moment, from a seed alone: no state, so that any process can ask for any time.
 *
 * The logarithm of the price is a sum of noises whose periods double from half a second to some weeks, each as strong
 * as the root of its period, as in a random walk. As every noise is bounded, the price stays around its base for ever.
 * A slow noise makes the quick ones stronger or weaker (calm stretches), and now and then the level jumps.
 */
final readonly class PricePath
{
    /** The price changes this often, in milliseconds. */
    public const STEP = 250;

    /** Fixed point of the logarithm. */
    private const UNIT = 1_000_000_000;

    private const SHORTEST = 500;

    private const OCTAVES = 23;

    private const DAY = 86_400_000;

    /** Noises up to this one grow and shrink with the calm. */
    private const QUICK_OCTAVES = 15;

    private const CALM_PERIOD = 7_200_000;

    private const JUMP_CELL = 14_400_000;

    private const LONGEST_JUMP_SEARCH = 48;

    /** @param  list<int>  $strengths Of each octave, in UNITs. */
    private function __construct(
        private int $seed,
        private BigDecimal $base,
        private array $strengths,
        private int $jump,
        private float $baseAsFloat,
    ) {}

    /**
     * @param  BigDecimal|string  $base  The price that the path stays around.
     * @param  int  $dailyMove  Usual move in a day, in hundredths of a percent.
     * @param  int  $jump  Largest jump, in hundredths of a percent.
     */
    public static function of(string $name, int $seed, BigDecimal|string $base, int $dailyMove, int $jump): self
    {
        $strengths = [];
        for ($octave = 0; $octave < self::OCTAVES; $octave++) {
            $period = self::SHORTEST << $octave;
            $strengths[] = intdiv($dailyMove * 100_000 * self::root(intdiv($period * 1_000_000, self::DAY)), 1_000);
        }

        $base = BigDecimal::of($base);

        return new self($seed ^ crc32($name), $base, $strengths, $jump * 100_000, $base->toFloat());
    }

    /**
     * @param  int  $time  Milliseconds since 1970.
     * @param  int  $scale  Digits after the point.
     */
    public function at(int $time, int $scale = 8): BigDecimal
    {
        return $this->base->multipliedBy(self::exponential($this->logarithms([$time])[0]))->dividedBy(self::UNIT, $scale, RoundingMode::HALF_EVEN);
    }

    /**
     * How the price lies to the base at several times, as its logarithm in whole numbers: what is higher is higher there.
     *
     * @param  non-empty-list<int>  $times  Milliseconds since 1970; quickest in order.
     * @return non-empty-list<int> For {@see priceAt}.
     */
    public function logarithms(array $times): array
    {
        $calms = [];
        $times = array_map(static fn (int $time): int => $time - $time % self::STEP, $times);
        $sums = $this->jumpLevels($times);
        foreach (Noise::along($this->seed + 77, $times, self::CALM_PERIOD) as $noise) {
            $calms[] = Noise::ONE + intdiv(3 * $noise, 4);
        }
        foreach ($this->strengths as $octave => $strength) {
            $isQuick = $octave < self::QUICK_OCTAVES;
            $noises = Noise::along($this->seed + $octave * 7919, $times, self::SHORTEST << $octave);
            foreach ($sums as $i => $sum) {
                $part = ($noises[$i] * $strength) >> 20;
                $sums[$i] = $sum + ($isQuick ? ($part * $calms[$i]) >> 20 : $part);
            }
        }

        return $sums;
    }

    /** The price at a logarithm as a float: for candles, not for money. */
    public function priceAt(int $logarithm): float
    {
        return $this->baseAsFloat * self::exponential($logarithm) / self::UNIT;
    }

    /**
     * @param  non-empty-list<int>  $times
     * @return non-empty-list<int>
     */
    private function jumpLevels(array $times): array
    {
        $last = null;
        $moment = $before = $after = 0;
        $levels = [];
        foreach ($times as $time) {
            $cell = intdiv($time, self::JUMP_CELL);
            if ($cell !== $last) {
                $last = $cell;
                $moment = $this->jumpIn($cell);
                $before = $this->levelBefore($cell);
                $after = $this->levelOf($cell);
            }
            $levels[] = $moment !== null && $time >= $moment ? $after : $before;
        }

        return $levels;
    }

    /** When the level jumps within a cell; null when it does not. */
    private function jumpIn(int $cell): ?int
    {
        $hash = Noise::mixed($this->seed + 31, $cell);

        return $hash % 3 === 0 ? $cell * self::JUMP_CELL + ($hash >> 2) % self::JUMP_CELL : null;
    }

    private function levelBefore(int $cell): int
    {
        for ($back = 1; $back < self::LONGEST_JUMP_SEARCH; $back++) {
            if ($this->jumpIn($cell - $back) !== null) {
                return $this->levelOf($cell - $back);
            }
        }

        return 0;
    }

    private function levelOf(int $cell): int
    {
        return (Noise::value($this->seed + 32, $cell) * $this->jump) >> 20;
    }

    /** e to the power of x, both in UNITs, for x between −3 and 3: the series at a quarter of x, squared twice. */
    private static function exponential(int $x): int
    {
        $quarter = intdiv($x, 4);
        $sum = $term = self::UNIT;
        for ($n = 1; $n < 14; $n++) {
            $term = intdiv(intdiv($term * $quarter, self::UNIT), $n);
            $sum += $term;
        }
        $half = intdiv($sum * $sum, self::UNIT);

        return intdiv($half * $half, self::UNIT);
    }

    /** Whole root, rounded down, of a number from 0 up. */
    private static function root(int $number): int
    {
        $root = 0;
        for ($bit = 1 << 20; $bit > 0; $bit >>= 1) {
            if (($root + $bit) * ($root + $bit) <= $number) {
                $root += $bit;
            }
        }

        return $root;
    }
}
