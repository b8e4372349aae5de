<?php

declare(strict_types=1);

namespace Standin\Bench;

/** Parts of what a page has sent; what is missing, or of another kind, is empty. */
final class Given
{
    /** @param  array<array-key, mixed>  $given */
    public static function text(array $given, string $name): string
    {
        return is_string($given[$name] ?? null) ? $given[$name] : '';
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<array-key, mixed>
     */
    public static function list(array $given, string $name): array
    {
        return is_array($given[$name] ?? null) ? $given[$name] : [];
    }

    /**
     * Whether it is about a pair of alerts, one to get in and one to get out, rather than a script.
     *
     * @param  array<array-key, mixed>  $given
     */
    public static function isPair(array $given): bool
    {
        return is_array($given['enter'] ?? null) && is_array($given['exit'] ?? null);
    }
}
