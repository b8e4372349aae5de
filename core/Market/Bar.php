<?php

declare(strict_types=1);

namespace Wexon\Core\Market;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/** What a price did over a while, in the quote currency. */
final readonly class Bar
{
    public function __construct(
        /** When it began. */
        public DateTimeImmutable $at,
        public BigDecimal $open,
        public BigDecimal $high,
        public BigDecimal $low,
        public BigDecimal $close,
    ) {}
}
