<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition;

use Wexon\Core\Study\Candle;

/** Something that holds on a candle, or does not. To see whether it would on one that is still going on, ask a copy (serialize, unserialize). */
interface Condition
{
    /** Takes the next closed candle. What too few candles were seen for does not hold. */
    public function next(Candle $candle): bool;

    /** In words, as "close crosses up simple average 20". */
    public function words(): string;
}
