<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderRefusal;

/**
 * One way of saying where an order's limit or trigger lies. Each answers before any rounding to the tick.
 *
 * @phpstan-import-type PriceSpec from PriceRules
 */
interface PriceRule
{
    /** @throws OrderRefusal If there is no price to be had from what it is given. */
    public function price(PriceInput $input): BigDecimal;

    /** @return PriceSpec */
    public function toArray(): array;
}
