<?php

declare(strict_types=1);

namespace Wexon\Core\Guard\Limit;

use Wexon\Core\Guard\GuardInput;
use Wexon\Core\Guard\Limits;
use Wexon\Core\Guard\Scope;

/** A guard that a route or an account sets: asked about signals that open something, never about those that close. */
interface Limit
{
    /** A few words for the trace: "window", "spread". */
    public function name(): string;

    public function isSet(Limits $limits): bool;

    /** @return string|null The sentence that refuses, with its numbers; null to let pass. */
    public function refusal(GuardInput $input, Scope $scope): ?string;
}
