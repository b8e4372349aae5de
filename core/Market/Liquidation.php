<?php

declare(strict_types=1);

namespace Wexon\Core\Market;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Signal\Side;

/** Where a venue closes a position whose own margin no longer covers it. */
final class Liquidation
{
    /** Whether a position is closed there before the price comes to its stop, or at the same moment. */
    public static function comesFirst(Side $side, BigDecimal $liquidated, BigDecimal $stop): bool
    {
        return $stop->minus($liquidated)->multipliedBy($side->opening()->sign())->isNegativeOrZero();
    }

    /**
     * The price p at which the margin and the loss leave just the least share m of the value that the venue wants: with
     * entry e and leverage L, e ÷ L ± (p − e) = m × p. To the tick, on the side that is reached first.
     *
     * @return BigDecimal In the quote currency; zero when it cannot be reached.
     */
    public static function price(Side $side, BigDecimal $entry, BigDecimal $leverage, Instrument $instrument): BigDecimal
    {
        $long = $side === Side::Long;
        $sign = $long ? 1 : -1;
        $numerator = $entry->multipliedBy($leverage->minus($sign));
        $denominator = $leverage->multipliedBy(BigDecimal::one()->minus($instrument->maintenance->multipliedBy($sign)));
        $ticks = $numerator->dividedBy($denominator->multipliedBy($instrument->tick), 0, $long ? RoundingMode::CEILING : RoundingMode::FLOOR);

        return BigDecimal::max($ticks, 0)->multipliedBy($instrument->tick);
    }
}
