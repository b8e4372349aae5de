<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Standin\Bench\Chart\Chart;

/** What a script trades, and how much of it at a time. */
final readonly class Terms
{
    public function __construct(public Chart $chart, public BigDecimal $size) {}
}
