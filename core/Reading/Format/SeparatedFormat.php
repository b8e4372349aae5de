<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

use Wexon\Core\Reading\Split;

/** Values separated by commas, semicolons, bars or tabs; each line is a message. A first line of names gives the keys. */
final readonly class SeparatedFormat implements Format
{
    private const SEPARATORS = ["\t" => 2, '|' => 2, ';' => 2, ',' => 3];

    private const LONGEST_CELL = 80;

    private const MOST_COLUMNS = 200;

    /** More than that is no batch of alerts. */
    private const MOST_LINES = 500;

    public function name(): string
    {
        return 'separated';
    }

    public function take(string $text): ?array
    {
        $lines = array_values(array_filter(array_map(trim(...), Split::by('/\R/u', $text)), static fn (string $line): bool => $line !== ''));
        if (count($lines) > self::MOST_LINES) {
            return null;
        }
        foreach (self::SEPARATORS as $separator => $fewest) {
            $columns = 1 + substr_count($lines[0] ?? '', $separator);
            if ($columns < $fewest || $columns > self::MOST_COLUMNS) {
                continue;
            }
            $rows = array_map(static fn (string $line): array => array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $separator, '"', '\\')), $lines);
            if (self::isTable($rows, $fewest)) {
                return self::documents($lines, $rows);
            }
        }

        return null;
    }

    /** @param  list<list<string>>  $rows */
    private static function isTable(array $rows, int $fewest): bool
    {
        $columns = count($rows[0] ?? []);
        foreach ($rows as $row) {
            if (count($row) !== $columns || $columns < $fewest || array_filter($row, static fn (string $cell): bool => strlen($cell) > self::LONGEST_CELL) !== []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<string>  $lines
     * @param  list<list<string>>  $rows
     * @return list<Document>
     */
    private static function documents(array $lines, array $rows): array
    {
        $names = count($rows) > 1 && self::areNames($rows[0]) ? $rows[0] : null;
        $documents = [];
        foreach ($rows as $number => $row) {
            if ($names === null || $number > 0) {
                $documents[] = Document::of($names === null ? $lines[$number] : "{$lines[0]}\n{$lines[$number]}", $names === null ? $row : array_combine($names, $row));
            }
        }

        return $documents;
    }

    /** @param  list<string>  $cells */
    private static function areNames(array $cells): bool
    {
        foreach ($cells as $cell) {
            if (preg_match('/^[A-Za-z_][\w .-]*$/', $cell) !== 1) {
                return false;
            }
        }

        return count(array_unique($cells)) === count($cells) && array_intersect(array_map(strtolower(...), $cells), ['buy', 'sell', 'long', 'short', 'exit', 'enter', 'close']) === [];
    }
}
