<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Brick\Math\BigDecimal;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;
use Wexon\Core\Market\Liquidation;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Plan\PlanInput;

/** Nothing is opened whose stop lies beyond the price at which the venue would close it for want of margin. */
final readonly class LiquidationLimit implements Limit
{
    public function name(): string
    {
        return 'liquidation';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->liquidation;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $side = $input->intent->side;
        $leverage = $input->leverage();
        if ($side === null || ! $leverage->isGreaterThan(1)) {
            return null;
        }
        $price = $input->snapshot->quote->priceFor($side->opening());
        try {
            $stop = (new PlanInput($input->signal, $side, $input->rules, $input->snapshot))->foreseen($side, $price, BigDecimal::zero())?->stop;
        } catch (OrderRefusal) {
            // Its own sentence comes when the order is planned.
            return null;
        }
        $liquidated = Liquidation::price($side, $price, $leverage, $input->snapshot->instrument);

        return $stop !== null && ! Liquidation::comesFirst($side, $liquidated, $stop) ? null
            : "At {$leverage->stripTrailingZeros()} times leverage the venue would close near {$liquidated}, ".($stop === null ? 'and there is no stop before that' : "before the stop at {$stop}").': move the stop nearer, or take less leverage.';
    }
}
