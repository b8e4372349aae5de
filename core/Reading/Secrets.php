<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

/**
 * Finds what looks like a venue's key or secret in a message and blanks it out. Messages never need one: whoever writes a
 * secret into an alert gives it to everybody who sees the alert.
 */
final class Secrets
{
    private const NAMES = 'api[_ -]?key|api[_ -]?secret|apikey|secret[_ -]?key|secretkey|access[_ -]?key|access[_ -]?token|private[_ -]?key|secret|pass[_ -]?phrase|passwd|password|auth[_ -]?token|bearer';

    /** A name, what may stand between, and the value: quoted, or up to the next blank or separator. */
    private const NAMED = '/(?<![A-Za-z0-9])("?)('.self::NAMES.')\1(\s*+[:=]\s*+|\s++(?=[A-Za-z0-9+\/_-]{16}))(?:"((?:[^"\\\\\r\n]++|\\\\.)*+)"|([^\s"\',;&}\]]{4,}+))/i';

    /** Long runs of letters and at least five digits without any order, as keys are; long names have fewer digits. */
    private const RUN = '/(?<![A-Za-z0-9+\/])(?=[A-Za-z0-9+\/]{0,200}[A-Z])(?=[A-Za-z0-9+\/]{0,200}[a-z])(?=(?:[A-Za-z+\/]{0,60}\d){5})[A-Za-z0-9+\/]{32,200}+={0,2}(?![A-Za-z0-9+\/])/';

    private const HEX = '/(?<![0-9A-Za-z])(?:[0-9a-f]{40,128}|[0-9A-F]{40,128})(?![0-9A-Za-z])/';

    /** @return array{string, int} The text without them, and how many there were. */
    public static function blankOut(string $text): array
    {
        if (strlen($text) < 8) {
            return [$text, 0];
        }
        $named = 0;
        $text = preg_replace_callback(self::NAMED, static function (array $found) use (&$named): string {
            $value = ($found[4] ?? '') !== '' ? $found[4] : ($found[5] ?? '');
            if ($value === '' || preg_match('/^\*+$/', $value) === 1) {
                return $found[0];
            }
            $named++;

            return substr($found[0], 0, -strlen($value) - (($found[4] ?? '') !== '' ? 1 : 0)).str_repeat('*', 8).(($found[4] ?? '') !== '' ? '"' : '');
        }, $text) ?? $text;
        $text = preg_replace([self::RUN, self::HEX], str_repeat('*', 8), $text, count: $runs) ?? $text;

        return [$text, $named + $runs];
    }

    /** The text without one secret that is known, such as an inlet's shared phrase. */
    public static function blankOutKnown(string $text, string $known): string
    {
        return str_replace($known, str_repeat('*', 8), $text);
    }
}
