<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;

/** The best price of those who want the opposite: what an order at market would get. */
final readonly class OtherSidePrice implements PriceRule
{
    public function __construct(private Offset $offset) {}

    public function price(PriceInput $input): BigDecimal
    {
        return $this->offset->from($input->quote->priceFor($input->side), $input);
    }

    public function toArray(): array
    {
        return ['at' => 'other_side'] + $this->offset->toArray();
    }
}
