<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** Finds the outermost {…} of a text, in one pass. Braces inside of quoted text do not count. */
final class BalancedObjects
{
    private const MOST = 60;

    private const TOKEN = '/\G(?:[^{}"]++|"(?:[^"\\\\]++|\\\\.)*+(?:"|\z))/s';

    /**
     * @param  bool  $outside  Whether other text may stand around them.
     * @return list<string>|null Null when other text stands around them and may not, or a brace is left open.
     */
    public static function in(string $text, bool $outside): ?array
    {
        $objects = [];
        $depth = $began = 0;
        for ($at = 0, $length = strlen($text); $at < $length;) {
            $letter = $text[$at];
            if ($letter === '{') {
                $began = $depth++ === 0 ? $at : $began;
                $at++;
            } elseif ($letter === '}') {
                $at++;
                if ($depth > 0 && --$depth === 0) {
                    $objects[] = substr($text, $began, $at - $began);
                }
            } else {
                $skipped = self::skipped($text, $at, $depth);
                if ($depth === 0 && ! $outside && trim(substr($text, $at, $skipped), " \t\r\n,;") !== '') {
                    return null;
                }
                $at += $skipped;
            }
            if (count($objects) > self::MOST) {
                break;
            }
        }

        return $depth === 0 ? $objects : null;
    }

    /** Quotes mean something only inside of an object: outside, they may stand alone. */
    private static function skipped(string $text, int $at, int $depth): int
    {
        return $depth === 0 ? max(1, strcspn($text, '{}', $at)) : (preg_match(self::TOKEN, $text, $found, 0, $at) === 1 ? strlen($found[0]) : 1);
    }
}
