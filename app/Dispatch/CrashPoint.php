<?php

namespace App\Dispatch;

/** A moment at which a test can have the process killed, as if the power had gone. */
final class CrashPoint
{
    public static function pass(string $moment, ?int $routeId): void
    {
        $folder = (string) config('wexon.crash_at');
        if ($folder !== '' && @unlink("{$folder}/{$moment}-{$routeId}")) {
            posix_kill((int) getmypid(), SIGKILL);
        }
    }
}
