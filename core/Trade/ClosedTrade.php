<?php

declare(strict_types=1);

namespace Wexon\Core\Trade;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/** A round trip that is over, as statistics look at it. */
final readonly class ClosedTrade
{
    public function __construct(
        /** Fees taken off. */
        public BigDecimal $profit,
        public DateTimeImmutable $closedAt,
        /** What the first stop would have lost; null without one. */
        public ?BigDecimal $risk = null,
    ) {}
}
