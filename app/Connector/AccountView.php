<?php

namespace App\Connector;

use Brick\Math\BigDecimal;
use Wexon\Core\Market\Balance;
use Wexon\Core\Market\Quote;
use Wexon\Core\Route\MarginKind;

/** An account and one instrument at one moment. */
final readonly class AccountView
{
    public function __construct(
        public Quote $quote,
        public Balance $balance,
        /** As set at the venue for the instrument, at least 1. */
        public BigDecimal $leverage,
        /** As set at the venue; null when it does not say. */
        public ?MarginKind $margin = null,
    ) {}
}
