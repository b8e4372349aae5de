<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened while the market is too far from the price in the message, either way. */
final readonly class PriceAwayLimit implements Limit
{
    public function name(): string
    {
        return 'price away';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->priceAway !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $most = $scope->limits->priceAway;
        $chart = $input->signal->price;
        if ($most === null) {
            return null;
        }
        if ($chart === null) {
            return "{$scope->capital()} wants the market within {$most} % of the message's price, but the message gives none: add “price” to the alert.";
        }
        $market = $input->snapshot->quote->markFor(BigDecimal::zero())->stripTrailingZeros();
        $away = $market->minus($chart)->abs()->multipliedBy(100)->dividedBy($chart, 4, RoundingMode::HALF_UP);

        return $away->isLessThanOrEqualTo($most) ? null
            : "The market is at {$market}, the message's price is {$chart}: {$away->toScale(3, RoundingMode::HALF_UP)} % apart, and {$scope->words} takes {$most} % at most.";
    }
}
