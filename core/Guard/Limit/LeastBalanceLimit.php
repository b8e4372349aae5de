<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened while the account has less money than that. */
final readonly class LeastBalanceLimit implements Limit
{
    public function name(): string
    {
        return 'least balance';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->leastBalance !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $least = $scope->limits->leastBalance;
        $balance = $input->snapshot->balance;

        return $least === null || $balance->equity->isGreaterThanOrEqualTo($least) ? null
            : "The account has {$balance->equity->toScale(2, RoundingMode::DOWN)} {$balance->currency}; {$scope->words} opens nothing below {$least} {$balance->currency}.";
    }
}
