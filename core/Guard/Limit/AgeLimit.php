<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** A message that took too long from the chart, by its own time, opens nothing. What the sender’s clock is off by is taken off. */
final readonly class AgeLimit implements Limit
{
    public function name(): string
    {
        return 'age';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->oldest !== null;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        $oldest = $scope->limits->oldest;
        $fired = $input->signal->firedAt;
        if ($oldest === null) {
            return null;
        }
        if ($fired === null) {
            return "{$scope->capital()} takes messages up to {$oldest} s old, but the message does not say when it fired: add “fired_at” to the alert.";
        }
        $milliseconds = (int) $input->snapshot->now->format('Uv') - (int) $fired->format('Uv') - $scope->facts->skew;
        if ($milliseconds <= $oldest * 1000) {
            return null;
        }
        $skew = $scope->facts->skew === 0 ? '' : ', with '.sprintf('%+.1f', $scope->facts->skew / 1000).' s for the sender’s clock';

        return 'The alert fired '.sprintf('%.1f', $milliseconds / 1000)." s ago{$skew}; {$scope->words} takes {$oldest} s at most.";
    }
}
