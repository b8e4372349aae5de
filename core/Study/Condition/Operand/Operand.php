<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Operand;

use Wexon\Core\Study\Candle;

/** A number that every candle has. */
interface Operand
{
    /** @return float|null Null as long as there is none. */
    public function next(Candle $candle): ?float;

    public function words(): string;
}
