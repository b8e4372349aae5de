<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** An account may be kept to some instruments. */
final readonly class InstrumentsLimit implements Limit
{
    public function name(): string
    {
        return 'instruments';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->instruments !== [];
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        return in_array($input->snapshot->instrument->name, $scope->limits->instruments, true) ? null
            : "{$scope->capital()} trades ".implode(', ', $scope->limits->instruments)." only; the signal would open {$input->snapshot->instrument->name}.";
    }
}
