<?php

namespace App\Connector\Described;

/** Texts with {names} in them, as a description of a venue writes paths, headers and bodies. */
final class Template
{
    private const NAME = '/\{([a-z_]+)\}/';

    private const ALONE = '/^\{([a-z_]+)\}$/';

    /** @param  array<string, string|bool>  $values  A name that is not among them stays as it is. */
    public static function text(string $template, array $values): string
    {
        return (string) preg_replace_callback(self::NAME, static function (array $found) use ($values): string {
            $value = $values[$found[1]] ?? $found[0];

            return is_bool($value) ? ($value ? 'true' : 'false') : $value;
        }, $template);
    }

    /**
     * Filled into a path or query: what stands for a name is escaped.
     *
     * @param  array<string, string>  $values
     */
    public static function uri(string $template, array $values): string
    {
        return self::text($template, array_map(rawurlencode(...), $values));
    }

    /**
     * Filled into a body. A text that is one name alone becomes its value, so that yes and no stay such; one whose value
     * is null is left out.
     *
     * @param  array<string, mixed>  $template
     * @param  array<string, string|bool|null>  $values
     * @return array<string, mixed>
     */
    public static function body(array $template, array $values): array
    {
        $given = array_filter($values, static fn (string|bool|null $value): bool => $value !== null);
        $isLeftOut = static fn (mixed $part): bool => is_string($part) && preg_match(self::ALONE, $part, $found) === 1 && array_key_exists($found[1], $values) && $values[$found[1]] === null;

        return array_map(static fn (mixed $part): mixed => match (true) {
            is_array($part) => self::body($part, $values),
            ! is_string($part) => $part,
            preg_match(self::ALONE, $part, $found) === 1 => $given[$found[1]] ?? $part,
            default => self::text($part, $given),
        }, array_filter($template, static fn (mixed $part): bool => ! $isLeftOut($part)));
    }
}
