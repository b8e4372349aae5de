<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;

/** Units as a rule works them out, with the sum that led there, before steps and limits. */
final readonly class RawSize
{
    private function __construct(
        public BigDecimal $units,
        /** "4 % of 62500.00 USD = 2500.00 USD ÷ 38.46" */
        public string $working,
    ) {}

    public static function of(BigDecimal $units, string $working): self
    {
        return new self($units, $working);
    }
}
