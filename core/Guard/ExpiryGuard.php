<?php

declare(strict_types=1);

namespace Wexon\Core\Guard;

/** A message that says until when it is good does nothing afterwards. */
final readonly class ExpiryGuard implements Guard
{
    public function name(): string
    {
        return 'expiry';
    }

    public function refusal(GuardInput $input): ?string
    {
        $expires = $input->signal->expiresAt;
        $now = $input->snapshot->now;
        if ($expires === null || $now < $expires) {
            return null;
        }

        return "The message was good until {$expires->format('Y-m-d H:i:s')} UTC; it was decided at {$now->format('Y-m-d H:i:s')} UTC, {$this->late($now->getTimestamp() - $expires->getTimestamp())} late.";
    }

    private function late(int $seconds): string
    {
        return $seconds < 120 ? "{$seconds} s" : intdiv($seconds, 60).' min';
    }
}
