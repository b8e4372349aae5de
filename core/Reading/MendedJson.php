<?php

declare(strict_types=1);

namespace Wexon\Core\Reading;

use JsonException;

/** Mends the slips that people make when they type JSON into an alert's text box, and says which. */
final class MendedJson
{
    /** Nobody types more by hand. */
    private const LONGEST = 16_384;

    /** Possessive, and taken to the end of the text when it is left open: no input can make it backtrack or begin again. */
    private const STRING = '"(?:[^"\\\\]++|\\\\.)*+(?:"|\z)';

    /**
     * @return array{mixed, list<string>}|null What it says, and what was mended; null when it is beyond mending.
     */
    public static function decode(string $text): ?array
    {
        try {
            return [ExactJson::strict($text), []];
        } catch (JsonException) {
            // Mended below.
        }
        if (strlen($text) > self::LONGEST) {
            return null;
        }
        $notes = [];
        foreach (self::steps() as $note => $step) {
            $mended = $step($text);
            if ($mended === null || $mended === $text) {
                continue;
            }
            $text = $mended;
            $notes[] = $note;
            try {
                return [ExactJson::strict($text), $notes];
            } catch (JsonException) {
                // The next step may be what it takes.
            }
        }

        return null;
    }

    /** @return array<string, callable(string): ?string> What is said, and what is done. */
    private static function steps(): array
    {
        return [
            'Smart quotes were taken as plain ones.' => static fn (string $text): string => strtr($text, ['“' => '"', '”' => '"', '„' => '"', '‟' => '"', '″' => '"', '‘' => "'", '’' => "'"]),
            'Single quotes were taken as double ones.' => self::singleQuotes(...),
            'A comma too many was dropped.' => static fn (string $text): ?string => preg_replace('/'.self::STRING.'(*SKIP)(*F)|,(?=\s*+[}\]])/s', '', $text),
            'A missing comma at the end of a line was added.' => static fn (string $text): ?string => preg_replace('/('.self::STRING.'|[\d}\]]|true|false|null)([ \t\r]*+\n\s*+)(?="(?:[^"\\\\]++|\\\\.)*+"\s*+:)/s', '$1,$2', $text),
            'Line breaks inside a text were kept as such.' => static fn (string $text): ?string => preg_replace_callback('/'.self::STRING.'/s', static fn (array $found): string => strtr($found[0], ["\r\n" => '\n', "\n" => '\n', "\r" => '\n', "\t" => '\t']), $text),
            'Names without quotes were taken as names.' => static fn (string $text): ?string => preg_replace('/'.self::STRING.'(*SKIP)(*F)|(?<=[{,])(\s*+)([A-Za-z_][\w.-]*+)(\s*+:)/s', '$1"$2"$3', $text),
            'Values without quotes were taken as text.' => static fn (string $text): ?string => preg_replace('/'.self::STRING.'(*SKIP)(*F)|(?<=[:,\[])(\s*+)(?!(?:true|false|null)\b)([A-Za-z_][\w.\/:-]*+)(?=\s*+[,}\]])/s', '$1"$2"', $text),
            'Numbers were mended.' => static fn (string $text): ?string => preg_replace(['/'.self::STRING.'(*SKIP)(*F)|(?<=[:,\[\s])\+(?=[\d.])/s', '/'.self::STRING.'(*SKIP)(*F)|(?<=[:,\[\s-])(?=\.\d)/s', '/'.self::STRING.'(*SKIP)(*F)|(?<=[:,\[\s-])0++(?=\d)/s', '/'.self::STRING.'(*SKIP)(*F)|(?<=\d)\.(?=\s*+[,}\]])/s'], ['', '0', '', ''], $text),
            'A missing bracket at the end was added.' => self::closed(...),
        ];
    }

    private static function singleQuotes(string $text): ?string
    {
        return preg_replace_callback(
            '/'.self::STRING.'(*SKIP)(*F)|(?<=[{,:\[\s])\'((?:[^\'\\\\]++|\\\\.)*+)\'(?=\s*+[,:}\]])/s',
            static fn (array $found): string => '"'.str_replace(['\\\'', '"'], ['\'', '\\"'], $found[1]).'"',
            $text,
        );
    }

    private static function closed(string $text): ?string
    {
        $bare = preg_replace('/'.self::STRING.'/s', '', $text) ?? '';
        $open = [];
        foreach (str_split($bare) as $letter) {
            if ($letter === '{' || $letter === '[') {
                $open[] = $letter === '{' ? '}' : ']';
            } elseif (($letter === '}' || $letter === ']') && array_pop($open) !== $letter) {
                return null;
            }
        }

        return count($open) > 2 ? null : $text.implode('', array_reverse($open));
    }
}
