<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Allocation;
use Wexon\Core\Market\Balance;
use Wexon\Core\Signal\AskedSize;

/** What a size can depend on. */
final readonly class SizingInput
{
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
    ) {}
}
