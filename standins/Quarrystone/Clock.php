<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

/** The venue's time. */
final class Clock
{
    /** Milliseconds since 1970. */
    public static function milliseconds(): int
    {
        return (int) (microtime(true) * 1000);
    }

    public static function stamp(): string
    {
        return gmdate('Y-m-d H:i:s').substr(sprintf('%.6f', fmod(microtime(true), 1)), 1);
    }
}
