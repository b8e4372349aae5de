<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened with more leverage than is allowed. */
final readonly class LargestLeverageLimit implements Limit
{
    public function name(): string
    {
        return 'largest leverage';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->largestLeverage !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $most = $scope->limits->largestLeverage;
        $leverage = $input->leverage();

        return $most === null || $leverage->isLessThanOrEqualTo($most) ? null
            : "The order would have {$leverage->stripTrailingZeros()} times leverage, and {$scope->words} allows {$most} at most.";
    }
}
