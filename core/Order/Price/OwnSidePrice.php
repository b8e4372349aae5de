<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use Wexon\Core\Signal\OrderSide;

/** The best price of those who want the same: the bid for a buy, the ask for a sell. An order there waits to be taken. */
final readonly class OwnSidePrice implements PriceRule
{
    public function __construct(private Offset $offset) {}

    public function price(PriceInput $input): BigDecimal
    {
        return $this->offset->from($input->side === OrderSide::Buy ? $input->quote->bid : $input->quote->ask, $input);
    }

    public function toArray(): array
    {
        return ['at' => 'own_side'] + $this->offset->toArray();
    }
}
