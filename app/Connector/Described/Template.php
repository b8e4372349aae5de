<?php

namespace App\Connector\Described;

/** Texts with {names} in them, as a description of a venue writes paths, headers and bodies. */
final class Template
{
    private const NAME = '/\{([a-z_]+)\}/';

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
     * Filled into a body. A text that is one name alone becomes its value, so that yes and no stay such.
     *
     * @param  array<string, mixed>  $template
     * @param  array<string, string|bool>  $values
     * @return array<string, mixed>
     */
    public static function body(array $template, array $values): array
    {
        return array_map(static fn (mixed $part): mixed => match (true) {
            is_array($part) => self::body($part, $values),
            ! is_string($part) => $part,
            preg_match('/^\{([a-z_]+)\}$/', $part, $found) === 1 => $values[$found[1]] ?? $part,
            default => self::text($part, $values),
        }, $template);
    }
}
