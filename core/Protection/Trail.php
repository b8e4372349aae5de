<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\Trailing;

/**
 * A stop that follows the best price: at a distance, from a start on, and in steps when it is to move only so often.
 *
 * @phpstan-import-type DistanceSpec from Distances
 *
 * @phpstan-type TrailSpec array{distance: DistanceSpec, start?: DistanceSpec|null, step?: DistanceSpec|null, move?: DistanceSpec|null}
 */
final readonly class Trail
{
    private function __construct(
        private Distance $distance,
        /** Gain from which it follows; null: at once. */
        private ?Distance $start,
        /** For every so much gained … */
        private ?Distance $step,
        /** … it moves by so much; null: by as much. */
        private ?Distance $move,
    ) {}

    /** @param  TrailSpec  $spec */
    public static function of(array $spec): self
    {
        return new self(Distances::of($spec['distance']), Distances::orNull($spec['start'] ?? null), Distances::orNull($spec['step'] ?? null), Distances::orNull($spec['move'] ?? null));
    }

    public static function asked(Trailing $trailing): self
    {
        return new self($trailing->distance, $trailing->start, $trailing->step, null);
    }

    /**
     * Where it puts the stop.
     *
     * @param  BigDecimal  $average  What was paid.
     * @param  BigDecimal  $best  The best price that closing would have got so far.
     * @return BigDecimal|null Not to the tick yet; null while it does not follow.
     */
    public function stop(Levels $levels, BigDecimal $average, BigDecimal $best, ?BigDecimal $risk): ?BigDecimal
    {
        $units = fn (?Distance $distance): BigDecimal => $distance === null ? BigDecimal::zero() : $levels->units($distance, $average, $risk);
        $gain = $levels->gain($average, $best);
        $start = $units($this->start);
        if ($this->start !== null && $gain->isLessThan($start)) {
            return null;
        }
        $distance = $units($this->distance);
        if ($this->step === null || $units($this->step)->isZero()) {
            return $levels->gained($best, $distance->negated());
        }
        $steps = BigDecimal::max($gain->minus($start), 0)->dividedBy($units($this->step), 0, RoundingMode::DOWN);
        $moved = $steps->multipliedBy($units($this->move ?? $this->step));

        return $levels->gained($average, $start->minus($distance)->plus($moved));
    }

    /**
     * The distance at which a venue can follow by itself; null when it moves in steps, which venues do not.
     *
     * @param  BigDecimal  $average  What was paid.
     */
    public function followsBy(Levels $levels, BigDecimal $average, ?BigDecimal $risk): ?BigDecimal
    {
        return $this->step === null ? $levels->units($this->distance, $average, $risk) : null;
    }

    /** @return TrailSpec */
    public function toArray(): array
    {
        return ['distance' => $this->distance->toArray()]
            + array_map(static fn (Distance $distance): array => $distance->toArray(), array_filter(['start' => $this->start, 'step' => $this->step, 'move' => $this->move], static fn (?Distance $distance): bool => $distance !== null));
    }

    /** "1% behind the best price, from 2% on, in steps of 0.5%" */
    public function __toString(): string
    {
        return "{$this->distance} behind the best price".($this->start === null ? '' : ", from {$this->start} on").($this->step === null ? '' : ", for every {$this->step}".($this->move === null ? '' : " by {$this->move}"));
    }
}
