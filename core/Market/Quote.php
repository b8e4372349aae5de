<?php

declare(strict_types=1);

namespace Wexon\Core\Market;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use InvalidArgumentException;
use Wexon\Core\Signal\OrderSide;

/** Best prices at one moment, in the instrument's quote currency. */
final readonly class Quote
{
    private function __construct(
        public BigDecimal $bid,
        public BigDecimal $ask,
        public DateTimeImmutable $at,
        /** What one of the quote currency is worth in the account's money; 1 where they are the same. */
        public BigDecimal $rate,
    ) {}

    /** @throws InvalidArgumentException If a price is not above zero, or the bid is above the ask. */
    public static function of(BigDecimal|string $bid, BigDecimal|string $ask, DateTimeImmutable $at, BigDecimal|string $rate = '1'): self
    {
        $bid = BigDecimal::of($bid);
        $ask = BigDecimal::of($ask);
        if (! $bid->isPositive() || $bid->isGreaterThan($ask)) {
            throw new InvalidArgumentException("A quote needs 0 < bid ≤ ask; found bid {$bid}, ask {$ask}.");
        }

        return new self($bid, $ask, $at, BigDecimal::of($rate));
    }

    /** What a market order of this side pays or gets. */
    public function priceFor(OrderSide $side): BigDecimal
    {
        return $side === OrderSide::Buy ? $this->ask : $this->bid;
    }

    /** Whether an order of this side with that limit would be filled at once. */
    public function reaches(OrderSide $side, BigDecimal $limit): bool
    {
        return $this->priceFor($side)->minus($limit)->multipliedBy($side->sign())->isNegativeOrZero();
    }

    /** What a position is worth per unit now: what closing it would get. A flat position is valued in the middle. */
    public function markFor(BigDecimal $quantity): BigDecimal
    {
        return match ($quantity->getSign()) {
            1 => $this->bid,
            -1 => $this->ask,
            default => $this->bid->plus($this->ask)->dividedBy(2, $this->bid->getScale() + 1, RoundingMode::HALF_UP),
        };
    }
}
