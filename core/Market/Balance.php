<?php

declare(strict_types=1);

namespace Wexon\Core\Market;

use Brick\Math\BigDecimal;

/** The money in an account, in one currency. */
final readonly class Balance
{
    private function __construct(
        public string $currency,
        /** All money and open profit together. */
        public BigDecimal $equity,
        /** What can still be used for new positions. */
        public BigDecimal $free,
    ) {}

    public static function of(string $currency, BigDecimal|string $equity, BigDecimal|string $free): self
    {
        return new self($currency, BigDecimal::of($equity), BigDecimal::of($free));
    }
}
