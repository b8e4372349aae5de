<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

/** Makes UTF-8 of whatever bytes came. */
final class Encoding
{
    private const MARKS = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    /** What people's programs name, and what it is called here. */
    private const NAMED = [
        'iso-8859-1' => 'Windows-1252', 'latin1' => 'Windows-1252', 'windows-1252' => 'Windows-1252', 'cp1252' => 'Windows-1252',
        'iso-8859-15' => 'ISO-8859-15', 'windows-1251' => 'Windows-1251', 'windows-1250' => 'ISO-8859-2', 'iso-8859-2' => 'ISO-8859-2',
        'utf-16' => 'UTF-16', 'utf-16le' => 'UTF-16LE', 'utf-16be' => 'UTF-16BE', 'shift_jis' => 'SJIS', 'euc-jp' => 'EUC-JP',
        'gb2312' => 'CP936', 'gbk' => 'CP936', 'big5' => 'BIG-5', 'euc-kr' => 'EUC-KR', 'koi8-r' => 'KOI8-R',
    ];

    /** @return array{string, list<string>} UTF-8, and what was done. */
    public static function decode(string $body, ?string $contentType): array
    {
        foreach (self::MARKS as $mark => $charset) {
            if (str_starts_with($body, $mark)) {
                $rest = substr($body, strlen($mark));

                return $charset === 'UTF-8' ? self::checked($rest) : self::converted($rest, $charset, "It was {$charset}.");
            }
        }
        $named = preg_match('/charset\s*=\s*"?([\w.:-]+)/i', $contentType ?? '', $found) === 1 ? (self::NAMED[strtolower($found[1])] ?? null) : null;

        return $named === null || mb_check_encoding($body, 'UTF-8') && ! str_contains($body, "\0") ? self::checked($body) : self::converted($body, $named, "It was {$named}.");
    }

    /** @return array{string, list<string>} */
    private static function checked(string $body): array
    {
        if (mb_check_encoding($body, 'UTF-8')) {
            return [$body, []];
        }
        $text = mb_convert_encoding($body, 'UTF-8', 'Windows-1252');

        return [$text, ['Its bytes are not UTF-8; it was read as Windows-1252.']];
    }

    /** @return array{string, list<string>} */
    private static function converted(string $body, string $charset, string $note): array
    {
        $text = mb_convert_encoding($body, 'UTF-8', $charset);

        return [mb_scrub((string) $text, 'UTF-8'), [$note]];
    }
}
