<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

/** What differs between two outcomes of the same message: then and now. */
final class Comparison
{
    /**
     * @param  array<string, string>  $before  By what it is about.
     * @param  array<string, string>  $after
     * @return list<array{what: string, before: string|null, after: string|null}> Only what differs, in the order in which it came up.
     */
    public static function of(array $before, array $after): array
    {
        $differences = [];
        foreach (array_keys($before + $after) as $what) {
            if (($before[$what] ?? null) !== ($after[$what] ?? null)) {
                $differences[] = ['what' => $what, 'before' => $before[$what] ?? null, 'after' => $after[$what] ?? null];
            }
        }

        return $differences;
    }
}
