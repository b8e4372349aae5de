<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

use Wexon\Core\Intent\Intent;

/** While an account is halted no signal sends an order; taking back what works is still possible. */
final readonly class HaltGuard implements Guard
{
    public function name(): string
    {
        return 'halt';
    }

    public function refusal(GuardInput $input): ?string
    {
        $halt = $input->snapshot->halt;

        return $halt === null || $input->intent->intent === Intent::Cancel ? null : "{$halt}. No new orders until it is lifted; stops and targets go on, and positions can be closed by hand.";
    }
}
