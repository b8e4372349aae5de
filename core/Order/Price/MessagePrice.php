<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderRefusal;

/** The chart's price, as the message gives it. */
final readonly class MessagePrice implements PriceRule
{
    public function __construct(private Offset $offset) {}

    public function price(PriceInput $input): BigDecimal
    {
        return $this->offset->from($input->message ?? throw new OrderRefusal('The order is to be priced by the message, but the message gives no price: add “price” to the alert, or take the price from the quote.'), $input);
    }

    public function toArray(): array
    {
        return ['at' => 'message'] + $this->offset->toArray();
    }
}
