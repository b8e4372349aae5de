<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened while bid and ask are too far apart. */
final readonly class SpreadLimit implements Limit
{
    public function name(): string
    {
        return 'spread';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->spread !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $most = $scope->limits->spread;
        $quote = $input->snapshot->quote;
        $spread = $quote->ask->minus($quote->bid)->multipliedBy(100)->dividedBy($quote->bid, 4, RoundingMode::HALF_UP);

        return $most === null || $spread->isLessThanOrEqualTo($most) ? null
            : "Bid {$quote->bid} and ask {$quote->ask} are {$spread} % apart, and {$scope->words} takes {$most} % at most.";
    }
}
