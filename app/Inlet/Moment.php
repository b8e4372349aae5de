<?php

declare(strict_types=1);

namespace App\Inlet;

/** Times as the database keeps them, without the framework. */
final class Moment
{
    public static function now(): string
    {
        $time = microtime(true);

        return gmdate('Y-m-d H:i:s', (int) $time).substr(sprintf('%.6f', $time - floor($time)), 1);
    }
}
