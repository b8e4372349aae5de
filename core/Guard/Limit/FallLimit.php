<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Brick\Math\RoundingMode;
use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** Nothing is opened while the account is so far below the most money that it had. */
final readonly class FallLimit implements Limit
{
    public function name(): string
    {
        return 'fall from the peak';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->fall !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $peak = $scope->facts->peak;
        $equity = $input->snapshot->balance->equity;
        $fallen = $scope->limits->fallen($peak, $equity);

        return $peak === null || $fallen === null ? null
            : "The account has {$equity->toScale(2, RoundingMode::DOWN)} {$input->snapshot->balance->currency}, {$fallen->toScale(2, RoundingMode::DOWN)} % below its peak of {$peak->toScale(2, RoundingMode::DOWN)}; {$scope->words} opens nothing from {$scope->limits->fall} % on.";
    }
}
