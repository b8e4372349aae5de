<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Closure;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Allocation;
use Wexon\Core\Market\Balance;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Signal\AskedSize;

/** What a size can depend on. */
final readonly class SizingInput
{
    /** What one of the quote currency is worth in the account's money. */
    public BigDecimal $rate;

    public function __construct(
        public Instrument $instrument,
        /** The price the entry would get now, in the quote currency. */
        public BigDecimal $price,
        public Balance $balance,
        /** Money that may be bound by the new position, in the account's currency: free now, plus what a position being closed gives back. */
        public BigDecimal $spendable,
        /** At least 1. */
        public BigDecimal $leverage,
        public ?AskedSize $asked = null,
        public ?Allocation $allocation = null,
        ?BigDecimal $rate = null,
        /** @var (Closure(): (BigDecimal|null))|null From the price to the stop; only asked by a size that needs it. */
        private ?Closure $stopDistance = null,
    ) {
        $this->rate = $rate ?? BigDecimal::one();
    }

    /**
     * From the price to the stop, in the quote currency; null without a stop.
     *
     * @throws OrderRefusal If the stop would lie on the wrong side of the price.
     */
    public function stopDistance(): ?BigDecimal
    {
        return $this->stopDistance === null ? null : ($this->stopDistance)();
    }

    /** Value of one unit, in the account's currency. */
    public function unitValue(): BigDecimal
    {
        return $this->price->multipliedBy($this->instrument->multiplier)->multipliedBy($this->rate);
    }

    /** "38.46"; "(0.9421 × 100000 × 0.0851)" where a unit is not worth its price. */
    public function unitWorking(): string
    {
        return $this->working($this->price);
    }

    /** A price or a distance, and what makes a unit's worth of it. */
    public function working(BigDecimal $price): string
    {
        $factors = array_filter([$this->instrument->multiplier, $this->rate], static fn (BigDecimal $factor): bool => ! $factor->isEqualTo(1));

        return $factors === [] ? (string) $price : '('.implode(' × ', array_map(strval(...), [$price, ...$factors])).')';
    }
}
