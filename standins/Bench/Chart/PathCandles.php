<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Standin\Exchange\Clock;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Noise;
use Wexon\Core\Practice\PricePath;
use Wexon\Core\Study\Candle;

/**
 * The candles of one chart, worked out from the path of its price: the same on every machine, for any time, with nothing
 * kept. A candle is made of a fixed number of looks; its last look is the first of the next one. Times are those of the
 * practice clock, in milliseconds since 1970.
 */
final readonly class PathCandles implements Candles
{
    /** Units traded in a second of a quiet market. */
    private const USUAL_VOLUME = 4;

    private float $tick;

    private int $digits;

    public function __construct(private PricePath $path, private Instrument $instrument, private Interval $interval, private int $seed)
    {
        $this->tick = $instrument->tick->toFloat();
        $this->digits = $instrument->tick->getScale();
    }

    public function begin(int $time): int
    {
        return $time - $time % $this->interval->length();
    }

    public function closed(int $until, int $count): array
    {
        $last = $this->begin($until) - $this->interval->length();

        return $count < 1 ? [] : $this->between($last - ($count - 1) * $this->interval->length(), $last);
    }

    public function between(int $first, int $last): array
    {
        $length = $this->interval->length();
        $begins = [];
        for ($at = $first - $first % $length; $at <= $last; $at += $length) {
            if ($this->isTraded($at)) {
                $begins[] = $at;
            }
        }

        return array_map(fn (int $at, array $prices): Candle => $this->candle($at, $prices), $begins, $this->prices($begins));
    }

    public function forming(int $time): ?Candle
    {
        $at = $this->begin($time);
        $looks = array_values(array_filter($this->looks($at), static fn (int $look): bool => $look <= $time));

        return $looks === [] || ! $this->isTraded($at) ? null : $this->candle($at, array_map($this->price(...), $this->path->logarithms($looks)));
    }

    public function within(Candle $candle): array
    {
        $looks = $this->looks($candle->at);

        return array_combine($looks, array_map($this->price(...), $this->path->logarithms($looks)));
    }

    public function isTraded(int $begin): bool
    {
        return $this->instrument->hours === null || $this->instrument->isOpen(Clock::moment($begin));
    }

    /** @param  non-empty-list<float>  $prices */
    private function candle(int $at, array $prices): Candle
    {
        return new Candle($at, $prices[0], max($prices), min($prices), $prices[count($prices) - 1], $this->volume($at, max($prices) / min($prices) - 1));
    }

    /** @return non-empty-list<int> */
    private function looks(int $begin): array
    {
        return range($begin, $begin + $this->interval->length(), $this->interval->look());
    }

    /**
     * First, highest, lowest and last of each candle. Only these are turned from logarithms into prices.
     *
     * @param  list<int>  $begins
     * @return list<non-empty-list<float>>
     */
    private function prices(array $begins): array
    {
        if ($begins === []) {
            return [];
        }
        $times = [];
        foreach ($begins as $begin) {
            // The last look of the one before is the first of this.
            $times += array_fill_keys($this->looks($begin), true);
        }
        $times = array_keys($times);
        $at = array_flip($times);
        $logarithms = $this->path->logarithms($times);
        $perCandle = intdiv($this->interval->length(), $this->interval->look()) + 1;

        return array_map(function (int $begin) use ($at, $logarithms, $perCandle): array {
            $of = array_slice($logarithms, $at[$begin], $perCandle);

            return array_map($this->price(...), [$of[0], max([$of[0], ...$of]), min([$of[0], ...$of]), $of[count($of) - 1]]);
        }, $begins);
    }

    /** To the tick. */
    private function price(int $logarithm): float
    {
        return round(round($this->path->priceAt($logarithm) / $this->tick) * $this->tick, $this->digits);
    }

    /** More where the price went far. */
    private function volume(int $at, float $range): float
    {
        $spread = Noise::mixed($this->seed, intdiv($at, $this->interval->length())) / 0xFFFFFFFF;

        return round(self::USUAL_VOLUME * $this->interval->length() / 1000 * (0.4 + 1.2 * $spread) * (1 + 60 * $range), 1);
    }
}
