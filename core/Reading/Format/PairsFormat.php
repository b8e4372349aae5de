<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

use Wexon\Core\Reading\Split;

/** Lines of key=value or key: value, or such pairs in one line. A blank line begins the next message. */
final readonly class PairsFormat implements Format
{
    private const KEY = '[A-Za-z_][\w. \-\/()#%]{0,40}?';

    private const MOST_LINES = 2_000;

    private const LINE = '/^[\s*•>-]*('.self::KEY.')\s*(=|:)(?!\/\/)\s*(.*?)\s*[,;]?$/u';

    private const IN_ONE_LINE = '/([A-Za-z_][\w.\-]{0,40})\s*=\s*("(?:[^"\\\\]++|\\\\.)*+"|\'[^\']*+\'|[^\s,;|"\']*+)/u';

    public function name(): string
    {
        return 'pairs';
    }

    public function take(string $text): ?array
    {
        if (! str_contains($text, '=') && ! str_contains($text, ':')) {
            return null;
        }
        $documents = [];
        foreach (Split::by('/\R\s*\R/u', $text) as $block) {
            $values = self::lines($block) ?? self::oneLine($block);
            if ($values !== null) {
                $documents[] = Document::of(trim($block), $values);
            }
        }
        $keys = array_map(static fn (Document $document): array => array_keys($document->values), $documents);
        // Blocks that do not look alike are the parts of one message: a greeting, the figures, a footer.
        if (count($documents) > 1 && count(array_unique($keys, SORT_REGULAR)) > 1) {
            return [Document::of($text, array_merge(...array_map(static fn (Document $document): array => $document->values, $documents)))];
        }

        return count($documents) === 1 ? [Document::of($text, $documents[0]->values)] : ($documents === [] ? null : $documents);
    }

    /** @return array<string, string>|null */
    private static function lines(string $block): ?array
    {
        $values = [];
        $lines = Split::by('/\R/u', trim($block));
        if (count($lines) > self::MOST_LINES) {
            return null;
        }
        if (count($lines) === 1) {
            $lines = Split::by('/"(?:[^"\\\\]++|\\\\.)*+"(*SKIP)(*F)|\s*[;,|]\s+|[;|]/u', trim($block));
        }
        foreach ($lines as $line) {
            if (preg_match(self::LINE, trim($line), $found) === 1) {
                $values[trim($found[1])] = self::unquoted($found[3]);
            }
        }

        return count($values) >= 2 && 2 * count($values) >= count($lines) && self::areKeys(array_keys($values)) ? $values : null;
    }

    /** @return array<string, string>|null */
    private static function oneLine(string $block): ?array
    {
        if (preg_match_all(self::IN_ONE_LINE, $block, $found, PREG_SET_ORDER) < 1) {
            return null;
        }
        $values = [];
        foreach ($found as [, $key, $value]) {
            $values[$key] = self::unquoted($value);
        }

        return $values;
    }

    /**
     * A key is a name, not a sentence, and no part of "action=buy symbol" of a line with several pairs.
     *
     * @param  list<array-key>  $keys
     */
    private static function areKeys(array $keys): bool
    {
        foreach ($keys as $key) {
            if (substr_count((string) $key, ' ') > 2) {
                return false;
            }
        }

        return true;
    }

    private static function unquoted(string $value): string
    {
        $value = trim($value);
        $quote = $value[0] ?? '';

        return strlen($value) >= 2 && ($quote === '"' || $quote === "'") && str_ends_with($value, $quote) ? stripslashes(substr($value, 1, -1)) : $value;
    }
}
