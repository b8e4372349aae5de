<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened on a day that has lost so much, realised and open together. */
final readonly class DayLossLimit implements Limit
{
    public function name(): string
    {
        return 'loss of the day';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->dayLoss !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $profit = $scope->facts->dayProfit;

        return $profit === null || ! $scope->limits->hasLost($profit) ? null
            : "{$scope->capital()} has lost {$profit->abs()->toScale(2, RoundingMode::DOWN)} {$input->snapshot->balance->currency} today ({$scope->limits->zone->getName()}), open positions included; it opens nothing more on a day that has lost {$scope->limits->dayLoss}.";
    }
}
