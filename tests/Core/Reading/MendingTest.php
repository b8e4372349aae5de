<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Reading\Format\Encoding;
use Wexon\Core\Reading\Format\Formats;
use Wexon\Core\Reading\MendedJson;

/** What is mended in JSON, and what is left alone; and bytes of every kind. */
final class MendingTest extends TestCase
{
    /** @param  list<string>  $notes */
    #[DataProvider('slips')]
    public function test_a_slip_is_mended(string $text, string $expected, array $notes): void
    {
        [$values, $said] = MendedJson::decode($text) ?? [null, ['beyond mending']];

        self::assertSame($expected, json_encode($values, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
        self::assertSame($notes, $said);
    }

    /** @return iterable<array{string, string, list<string>}> */
    public static function slips(): iterable
    {
        [$quotes, $single, $comma, $missing, $breaks, $names, $values, $numbers, $bracket] = [
            'Smart quotes were taken as plain ones.', 'Single quotes were taken as double ones.', 'A comma too many was dropped.', 'A missing comma at the end of a line was added.',
            'Line breaks inside a text were kept as such.', 'Names without quotes were taken as names.', 'Values without quotes were taken as text.', 'Numbers were mended.', 'A missing bracket at the end was added.',
        ];
        yield ['{"a": "x, }"}', '{"a":"x, }"}', []];
        yield ['{"a": [1, 2, ], }', '{"a":["1","2"]}', [$comma]];
        yield ['{„a“: „b”}', '{"a":"b"}', [$quotes]];
        yield ['{“a”: ‘it’}', '{"a":"it"}', [$quotes, $single]];
        yield ["{'a': 'say \"hi\"', 'b': 'it\\'s'}", '{"a":"say \"hi\"","b":"it\'s"}', [$single]];
        yield ["{\"a\": 1\n\"b\": \"x\"\n\"c\": true}", '{"a":"1","b":"x","c":true}', [$missing]];
        yield ["{\"a\": \"one\ttwo\"}", '{"a":"one\ttwo"}', [$breaks]];
        yield ['{a_1: 2}', '{"a_1":"2"}', [$names]];
        yield ['{"a": MARL/USD, "b": null}', '{"a":"MARL/USD","b":null}', [$values]];
        yield ['{"a": .5, "b": +2, "c": 007, "d": 5.}', '{"a":"0.5","b":"2","c":"7","d":"5"}', [$numbers]];
        yield ['{"a": {"b": 1', '{"a":{"b":"1"}}', [$bracket]];
        yield ['{"a": {"b": {"c": 1', 'null', ['beyond mending']];
        yield ['{"a": 1}}', 'null', ['beyond mending']];
        yield ['{"a" 1}', 'null', ['beyond mending']];
        yield ['{"a": 1e5, "b": -0.10}', '{"a":"1e5","b":"-0.10"}', []];
    }

    #[DataProvider('bytes')]
    public function test_bytes_become_text(string $bytes, ?string $type, string $expected, string $note): void
    {
        [$text, $notes] = Encoding::decode($bytes, $type);

        self::assertSame($expected, $text);
        self::assertSame($note, implode(' ', $notes));
    }

    /** @return iterable<string, array{string, string|null, string, string}> */
    public static function bytes(): iterable
    {
        yield 'UTF-8' => ['für', null, 'für', ''];
        yield 'a mark' => ["\xEF\xBB\xBFfür", null, 'für', ''];
        yield 'UTF-16, little end first' => ["\xFF\xFEf\0\xFC\0r\0", null, 'für', 'It was UTF-16LE.'];
        yield 'UTF-16, big end first' => ["\xFE\xFF\0f\0\xFC\0r", null, 'für', 'It was UTF-16BE.'];
        yield 'named, and needed' => ["f\xFCr", 'text/plain; charset=ISO-8859-1', 'für', 'It was Windows-1252.'];
        yield 'named wrongly: what is UTF-8 stays it' => ['für', 'text/plain; charset="iso-8859-1"', 'für', ''];
        yield 'not named' => ["f\xFCr \x80", null, 'für €', 'Its bytes are not UTF-8; it was read as Windows-1252.'];
        yield 'another alphabet' => ["\xEF\xF0\xE8\xE2\xE5\xF2", 'text/plain; charset=windows-1251', 'привет', 'It was Windows-1251.'];
        yield 'a charset that nobody knows' => ["f\xFCr", 'text/plain; charset=runes', 'für', 'Its bytes are not UTF-8; it was read as Windows-1252.'];
    }

    /** @param  list<string>  $texts */
    #[DataProvider('bodies')]
    public function test_a_body_is_taken_apart(string $body, string $format, array $texts): void
    {
        $apart = Formats::takeApart($body);

        self::assertSame($format, $apart->format);
        self::assertSame($texts, array_map(static fn ($document): string => $document->text, $apart->documents));
    }

    /** @return iterable<array{string, string, list<string>}> */
    public static function bodies(): iterable
    {
        yield ['[{"a": 1}, {"b": "x/y"}]', 'json', ['{"a":"1"}', '{"b":"x/y"}']];
        yield ['[1, 2]', 'json', ['[1, 2]']];
        yield ["{\"a\": 1}\n\n{\"b\": 2}", 'json', ['{"a": 1}', '{"b": 2}']];
        yield ['{"a": 1} and {"b": 2}', 'text_with_json', ['{"a": 1}', '{"b": 2}']];
        yield ["buy A\n\nsell B", 'line', ['buy A', 'sell B']];
        yield ["buy A\nplease", 'phrase', ["buy A\nplease"]];
        yield ["a=1\nb=2\n\na=3\nb=4", 'pairs', ["a=1\nb=2", "a=3\nb=4"]];
        yield ["Dear trader,\n\na: 1\nb: 2\n\nBye", 'pairs', ["Dear trader,\n\na: 1\nb: 2\n\nBye"]];
        yield ["x;y\n1;2\n3;4", 'separated', ["x;y\n1;2", "x;y\n3;4"]];
        yield ['1;2', 'separated', ['1;2']];
        yield ['Sell, now', 'phrase', ['Sell, now']];
        yield ['see https://charts.example/?a=1&b=2', 'pairs', ['see https://charts.example/?a=1&b=2']];
        yield ['"quoted"', 'phrase', ['"quoted"']];
        yield ['}', 'phrase', ['}']];
    }
}
