<?php

namespace App\Console\Bench;

/** Bodies that are meant to make a reader stumble: each fills, or nearly fills, what an inlet takes; some hold more. */
final class Monsters
{
    /** @return iterable<string, array{string}> */
    public static function all(): iterable
    {
        $full = static fn (string $piece): array => [substr(str_repeat($piece, (int) ceil(65_536 / strlen($piece))), 0, 65_536)];
        yield 'brackets' => $full('[');
        yield 'braces' => $full('{"a":');
        yield 'braces that close' => $full('{}');
        yield 'open quotes' => $full('"\\"');
        yield 'an object of open quotes' => ['{'.$full('"\\"')[0]];
        yield 'single quotes' => ['{'.$full("'\\'")[0]];
        yield 'ten thousand keys' => ['{'.implode(',', array_map(static fn (int $i): string => "\"k{$i}\":{$i}", range(1, 10_000))).'}'];
        yield 'ten thousand pairs' => [implode("\n", array_map(static fn (int $i): string => "k{$i}=1", range(1, 10_000)))];
        yield 'a huge number' => ['{"do":"buy","symbol":"M","size":'.str_repeat('9', 60_000).'}'];
        yield 'a huge exponent' => ['{"do":"buy","symbol":"M","size":1e999999999}'];
        yield 'commas' => $full(',');
        yield 'line breaks' => $full("\n \n");
        yield 'blanks' => ['a'.str_repeat(' ', 65_000).'b'];
        yield 'equals signs' => $full('a=');
        yield 'ampersands' => $full('a=1&');
        yield 'colons' => $full("a: b\n");
        yield 'zero bytes' => $full("\0");
        yield 'broken UTF-8' => $full("\xF0\x9F");
        yield 'words' => ['buy '.$full('size ')[0]];
        yield 'quoted words' => ['buy '.$full('" "')[0]];
        yield 'percent signs' => $full('%41&=');
        yield 'apostrophes without end' => ["{'".str_repeat("a', ", 16_000)];
        yield 'placeholders' => $full('${');
        yield 'deep objects' => [str_repeat('{"a":', 5_000).'1'.str_repeat('}', 5_000)];
    }
}
