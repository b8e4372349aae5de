<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use InvalidArgumentException;
use Wexon\Core\Signal\Distance;

/**
 * Once so much was gained, so much is never given back; for every so much more, the floor rises.
 *
 * @phpstan-import-type DistanceSpec from Distances
 *
 * @phpstan-type FloorSpec array{reached: DistanceSpec, keep: DistanceSpec, each?: DistanceSpec|null, by?: DistanceSpec|null}
 */
final readonly class ProfitFloor
{
    private function __construct(private Distance $reached, private Distance $keep, private ?Distance $each, private ?Distance $by) {}

    /**
     * @param  FloorSpec  $spec
     *
     * @throws InvalidArgumentException If only one of the two for rising is there.
     */
    public static function of(array $spec): self
    {
        $each = Distances::orNull($spec['each'] ?? null);
        $by = Distances::orNull($spec['by'] ?? null);
        if (($each === null) !== ($by === null)) {
            throw new InvalidArgumentException('A floor that rises needs both: for every so much gained, by how much.');
        }

        return new self(Distances::of($spec['reached']), Distances::of($spec['keep']), $each, $by);
    }

    /**
     * Where it puts the stop.
     *
     * @return BigDecimal|null Not to the tick yet; null until it is reached.
     */
    public function stop(Levels $levels, BigDecimal $average, BigDecimal $best, ?BigDecimal $risk): ?BigDecimal
    {
        $gain = $levels->gain($average, $best);
        $reached = $levels->units($this->reached, $average, $risk);
        if ($gain->isLessThan($reached)) {
            return null;
        }
        $keep = $levels->units($this->keep, $average, $risk);
        if ($this->each === null || $this->by === null) {
            return $levels->gained($average, $keep);
        }
        $rises = $gain->minus($reached)->dividedBy($levels->units($this->each, $average, $risk), 0, RoundingMode::DOWN);

        return $levels->gained($average, $keep->plus($rises->multipliedBy($levels->units($this->by, $average, $risk))));
    }

    /** @return FloorSpec */
    public function toArray(): array
    {
        return ['reached' => $this->reached->toArray(), 'keep' => $this->keep->toArray()]
            + ($this->each === null || $this->by === null ? [] : ['each' => $this->each->toArray(), 'by' => $this->by->toArray()]);
    }

    /** "2% reached keeps 1%, and for every 1% more 0.5%" */
    public function __toString(): string
    {
        return "{$this->reached} reached keeps {$this->keep}".($this->each === null ? '' : ", and for every {$this->each} more {$this->by}");
    }
}
