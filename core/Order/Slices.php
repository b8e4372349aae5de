<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use InvalidArgumentException;
use Wexon\Core\Instrument\Instrument;

/**
 * An order cut into equal slices that go out one after the other over a time.
 *
 * @phpstan-type SlicesSpec array{count: int, over: int}
 */
final readonly class Slices
{
    private const MOST = 50;

    private function __construct(
        public int $count,
        /** Seconds from the first slice to the last. */
        public int $over,
    ) {}

    /**
     * @param  SlicesSpec  $spec
     *
     * @throws InvalidArgumentException If there are too few or too many, or no time to spread them over.
     */
    public static function of(array $spec): self
    {
        if ($spec['count'] < 2 || $spec['count'] > self::MOST || $spec['over'] < 1) {
            throw new InvalidArgumentException('An order is cut into 2 to '.self::MOST.' slices, over a second or more.');
        }

        return new self($spec['count'], $spec['over']);
    }

    /**
     * Each slice is a multiple of the lot step; the last one takes what is left.
     *
     * @return list<array{units: BigDecimal, after: int}> Seconds after the first.
     *
     * @throws OrderRefusal If a slice would be below the venue's least.
     */
    public function cut(BigDecimal $units, Instrument $instrument, BigDecimal $price): array
    {
        $each = $instrument->roundSizeDown($units->dividedBy($this->count, 18, RoundingMode::DOWN));
        $least = $instrument->leastSizeAt($price);
        if ($each->isLessThan($least)) {
            $possible = $units->dividedBy($least, 0, RoundingMode::DOWN);
            throw new OrderRefusal("{$units} {$instrument->kind->unit()} in {$this->count} slices are {$each} each: below the least order of {$instrument->name}, which is {$least}. At most {$possible} slices are possible.");
        }
        $slices = [];
        for ($i = 0; $i < $this->count; $i++) {
            $isLast = $i === $this->count - 1;
            $slices[] = ['units' => $isLast ? $units->minus($each->multipliedBy($i)) : $each, 'after' => intdiv($this->over * $i, $this->count - 1)];
        }

        return $slices;
    }

    /** @return SlicesSpec */
    public function toArray(): array
    {
        return ['count' => $this->count, 'over' => $this->over];
    }
}
