<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Instrument\InstrumentKind;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;
use Wexon\Core\Signal\Side;

/** Prices above and below what was paid, seen from one side of the market: further is better, whichever side that is. */
final readonly class Levels
{
    private const SCALE = 18;

    private function __construct(private Side $side, private Instrument $instrument) {}

    public static function of(Side $side, Instrument $instrument): self
    {
        return new self($side, $instrument);
    }

    /**
     * A distance in price units, never below zero.
     *
     * @param  BigDecimal  $from  What it is measured from.
     * @param  BigDecimal|null  $risk  Distance to the first stop; null when there is none.
     *
     * @throws OrderRefusal If it means nothing for this instrument, or wants a stop that is not there.
     */
    public function units(Distance $distance, BigDecimal $from, ?BigDecimal $risk): BigDecimal
    {
        return match ($distance->kind) {
            DistanceKind::Percent => $from->multipliedBy($distance->amount)->dividedBy(100, self::SCALE, RoundingMode::HALF_EVEN),
            DistanceKind::Price => $distance->amount,
            DistanceKind::Ticks => $distance->amount->multipliedBy($this->instrument->tick),
            DistanceKind::Points => $this->instrument->kind === InstrumentKind::Pair
                ? $distance->amount->multipliedBy($this->instrument->tick)
                : throw new OrderRefusal("{$this->instrument->name} is not priced in points: use ticks, percent or a price."),
            DistanceKind::Risk => $distance->amount->multipliedBy($risk ?? throw new OrderRefusal("“{$distance}” is a multiple of the distance to the stop, but there is no stop.")),
            DistanceKind::At => $distance->amount->minus($from)->abs(),
        };
    }

    /** The price so far from another in the direction of profit; against it with a distance below zero. */
    public function gained(BigDecimal $from, BigDecimal $units): BigDecimal
    {
        return $this->side === Side::Long ? $from->plus($units) : $from->minus($units);
    }

    /** How far a price is in profit from another; below zero when it is a loss. */
    public function gain(BigDecimal $from, BigDecimal $to): BigDecimal
    {
        return $this->side === Side::Long ? $to->minus($from) : $from->minus($to);
    }

    public function isBetter(BigDecimal $price, BigDecimal $than): bool
    {
        return $this->gain($than, $price)->isPositive();
    }

    public function better(BigDecimal $left, BigDecimal $right): BigDecimal
    {
        return $this->isBetter($left, $right) ? $left : $right;
    }

    /** To the tick, on the safe side: a stop no worse, a target no nearer. Both lie further in the direction of profit. */
    public function toTick(BigDecimal $price): BigDecimal
    {
        return $price->dividedBy($this->instrument->tick, 0, $this->side === Side::Long ? RoundingMode::CEILING : RoundingMode::FLOOR)->multipliedBy($this->instrument->tick);
    }
}
