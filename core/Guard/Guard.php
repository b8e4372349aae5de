<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

/** One rule that can refuse a signal. */
interface Guard
{
    /** A few words for the trace: "sides", "route state". */
    public function name(): string;

    /** @return string|null The sentence that refuses, with its numbers; null to let pass. */
    public function refusal(GuardInput $input): ?string;
}
