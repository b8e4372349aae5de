<?php

declare(strict_types=1);

namespace Launch\Commands;

use Launch\Trouble;

/** The words behind a command. */
final class Arguments
{
    /** @param  list<string>  $words */
    public static function has(array $words, string $flag): bool
    {
        return in_array($flag, $words, true);
    }

    /**
     * @param  list<string>  $words
     *
     * @throws Trouble If it is no port.
     */
    public static function port(array $words): ?int
    {
        $at = array_search('--port', $words, true);
        if ($at === false) {
            return null;
        }
        $port = $words[$at + 1] ?? '';
        if (! ctype_digit($port) || (int) $port < 1024 || (int) $port > 65_000) {
            throw new Trouble('--port takes a number from 1024 to 65000.');
        }

        return (int) $port;
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $known
     *
     * @throws Trouble If there is a word that the command does not know.
     */
    public static function allowOnly(array $words, array $known): void
    {
        foreach ($words as $i => $word) {
            if (! in_array($word, $known, true) && ($words[$i - 1] ?? '') !== '--port') {
                throw new Trouble("“{$word}” is not known here; known are: ".implode(' ', $known));
            }
        }
    }
}
