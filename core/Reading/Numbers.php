<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

/** Numbers as people and programs write them. */
final class Numbers
{
    /** The number that a text holds besides other things: "250" of "250 USD"; null when there is none, or more than one. */
    public static function within(string $text): ?string
    {
        $plain = self::plain($text);
        if ($plain !== null) {
            return $plain;
        }

        return preg_match_all('/(?<![\w.])[+-]?\d{1,30}(?:\.\d{1,30})?(?![\w.])/', $text, $found) === 1 ? $found[0][0] : null;
    }

    /** "1,234.50", "1 234.50" and "1'234.50" without their groups, "+3" without its sign; null when it is written otherwise. */
    public static function plain(string $text): ?string
    {
        $text = trim($text);
        if (preg_match('/^[+-]?\d{1,3}(?:(?:,\d{3})+|(?:[ \x{a0}\x{202f}\']\d{3})+)(?:\.\d{1,30})?$/u', $text) === 1) {
            $text = (string) preg_replace('/[^\d.+-]/u', '', $text);
        }

        return preg_match('/^[+-]?(?:\d{1,40}(?:\.\d{0,38})?|\.\d{1,38})(?:e[+-]?\d{1,2})?$/i', $text) === 1 ? ltrim($text, '+') : null;
    }
}
