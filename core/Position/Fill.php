<?php

declare(strict_types=1);

namespace Wexon\Core\Position;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Signal\OrderSide;

/** Part of an order that has traded. */
final readonly class Fill
{
    private function __construct(
        public OrderSide $side,
        /** Units, above zero. */
        public BigDecimal $quantity,
        /** In the quote currency, above zero. */
        public BigDecimal $price,
        /** In the quote currency; negative when the venue pays. */
        public BigDecimal $fee,
    ) {}

    /** @throws InvalidArgumentException If quantity or price is not above zero. */
    public static function of(OrderSide $side, BigDecimal|string $quantity, BigDecimal|string $price, BigDecimal|string $fee = '0'): self
    {
        $quantity = BigDecimal::of($quantity);
        $price = BigDecimal::of($price);
        if (! $quantity->isPositive() || ! $price->isPositive()) {
            throw new InvalidArgumentException("A fill needs a quantity and a price above zero; found {$quantity} at {$price}.");
        }

        return new self($side, $quantity, $price, BigDecimal::of($fee));
    }
}
