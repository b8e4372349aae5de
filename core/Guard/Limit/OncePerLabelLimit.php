<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** An entry with the same label is taken once, until the route is armed anew. */
final readonly class OncePerLabelLimit implements Limit
{
    public function name(): string
    {
        return 'once per label';
    }

    public function isSet(Limits $limits): bool
    {
        return $limits->oncePerLabel;
    }

    public function refusal(GuardInput $input, Scope $scope): ?string
    {
        return ! $input->enters() || ! $scope->facts->labelUsed ? null
            : 'An entry '.($input->signal->label === null ? 'without a label' : "with the label “{$input->signal->label}”")." was taken already, and {$scope->words} takes each label once until it is armed anew.";
    }
}
