<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use InvalidArgumentException;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;
use Wexon\Core\Signal\Target;

/**
 * A place to take profit at, and how much of the position.
 *
 * @phpstan-import-type DistanceSpec from Distances
 *
 * @phpstan-type TargetSpec array{at: DistanceSpec, share: string}
 */
final readonly class TargetRule
{
    private function __construct(public Distance $at, public BigDecimal $share) {}

    public static function of(Distance $at, BigDecimal $share): self
    {
        return new self($at, $share);
    }

    /**
     * @param  list<TargetSpec>  $specs
     * @return list<self>
     *
     * @throws InvalidArgumentException If the shares are not above zero, or are more than the whole.
     */
    public static function all(array $specs): array
    {
        return self::checked(array_map(static fn (array $spec): self => new self(Distances::of($spec['at']), BigDecimal::of($spec['share'])), $specs));
    }

    /**
     * Those of a message; shares that it does not say are those of the route's targets, or the same for all.
     *
     * @param  list<Target>  $targets
     * @param  list<self>  $route
     * @return list<self>
     *
     * @throws InvalidArgumentException If the shares are more than the whole.
     */
    public static function asked(array $targets, array $route): array
    {
        $equal = BigDecimal::of(100)->dividedBy(max(1, count($targets)), 4, RoundingMode::DOWN)->stripTrailingZeros();
        $rules = [];
        foreach ($targets as $i => $target) {
            $rules[] = new self($target->distance, $target->share ?? (count($route) === count($targets) ? $route[$i]->share : $equal));
        }

        return self::checked($rules);
    }

    /**
     * To the tick.
     *
     * @param  BigDecimal  $from  What its distance is measured from.
     * @param  BigDecimal|null  $risk  Distance to the stop; null when there is none.
     *
     * @throws OrderRefusal If its distance means nothing here.
     */
    public function price(Levels $levels, BigDecimal $from, ?BigDecimal $risk): BigDecimal
    {
        return $levels->toTick($this->at->kind === DistanceKind::At ? $this->at->amount : $levels->gained($from, $levels->units($this->at, $from, $risk)));
    }

    /** @return TargetSpec */
    public function toArray(): array
    {
        return ['at' => $this->at->toArray(), 'share' => (string) $this->share];
    }

    /** "50 % at 2%" */
    public function __toString(): string
    {
        return "{$this->share} % at {$this->at}";
    }

    /**
     * @param  list<self>  $rules
     * @return list<self>
     *
     * @throws InvalidArgumentException
     */
    private static function checked(array $rules): array
    {
        $sum = BigDecimal::sum(BigDecimal::zero(), ...array_map(static fn (self $rule): BigDecimal => $rule->share, $rules));
        foreach ($rules as $rule) {
            if (! $rule->share->isPositive()) {
                throw new InvalidArgumentException("A target takes a share above zero; found {$rule->share}.");
            }
        }

        return $sum->isGreaterThan(100) ? throw new InvalidArgumentException("The targets take {$sum} % of the position: at most 100 are there.") : $rules;
    }
}
