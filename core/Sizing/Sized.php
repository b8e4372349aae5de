<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** A size that keeps to the venue's steps and limits, with the sum that led there. */
final readonly class Sized
{
    private function __construct(
        public BigDecimal $units,
        /** "4 % of 62500.00 USD = 2500.00 USD ÷ 38.46 = 65.003 → 65 = 2499.90 USD" */
        public string $working,
    ) {}

    public static function of(BigDecimal $units, RawSize $raw, SizingInput $input): self
    {
        $exact = $raw->units->toScale(min($raw->units->getScale(), 8), RoundingMode::DOWN)->stripTrailingZeros();
        $worth = $units->multipliedBy($input->unitValue())->toScale(2, RoundingMode::HALF_UP);

        return new self($units, "{$raw->working} = {$exact} → {$units} = {$worth} {$input->balance->currency}");
    }
}
