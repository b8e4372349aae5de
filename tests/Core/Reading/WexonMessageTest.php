<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\WexonMessage;

final class WexonMessageTest extends TestCase
{
    /** @param  array<string, mixed>  $expected */
    #[DataProvider('understood')]
    public function test_it_reads(string $body, array $expected): void
    {
        $signal = WexonMessage::read($body)->toArray();

        self::assertSame($expected, $signal);
        self::assertSame($expected, WexonMessage::fromArray($signal)->toArray(), 'what is stored reads back the same');
        self::assertTrue(self::schemaTakes(json_decode($body)), 'the schema agrees');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function understood(): iterable
    {
        yield 'the least' => ['{"do":"exit","symbol":"MARL/USD"}', ['do' => 'exit', 'symbol' => 'MARL/USD']];
        yield 'numbers as numbers, exact' => [
            '{"do":"buy","symbol":"M","price":0.1000000000000000055511151231257827,"size":12345678901234567890.1}',
            ['do' => 'buy', 'symbol' => 'M', 'size' => ['amount' => '12345678901234567890.1', 'unit' => 'units'], 'price' => '0.1000000000000000055511151231257827'],
        ];
        yield 'everything' => [
            '{"do":"sell","symbol":"MARL/USD","size":{"amount":"250","unit":"money"},"position":{"before":"long","after":"short","size":"-3"},"price":"38.4","label":"cross","fired_at":"2026-03-02T15:30:00.5+01:00","id":"x-1"}',
            ['do' => 'sell', 'symbol' => 'MARL/USD', 'size' => ['amount' => '250', 'unit' => 'money'], 'position' => ['before' => 'long', 'after' => 'short', 'size' => '3'], 'price' => '38.4', 'label' => 'cross', 'fired_at' => '2026-03-02T14:30:00.500Z', 'id' => 'x-1'],
        ];
        yield 'digits inside text stay text' => ['{"do":"exit","symbol":"M","label":"level 2: \"3.5\" {4}"}', ['do' => 'exit', 'symbol' => 'M', 'label' => 'level 2: "3.5" {4}']];
    }

    #[DataProvider('refused')]
    public function test_it_says_what_is_wrong(string $body, string $field, string $words): void
    {
        try {
            WexonMessage::read($body);
            self::fail('It was read.');
        } catch (ReadingError $error) {
            self::assertSame($field, $error->field);
            self::assertStringContainsString($words, $error->getMessage());
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['  ', 'message', 'found nothing'];
        yield 'no JSON' => ['long entry', 'message', '“long entry”'];
        yield 'a list' => ['[1]', 'message', 'found a list'];
        yield 'bytes that are no text' => ["\xff\xfe\x00", 'message', 'expected JSON'];
        yield 'too deep' => [str_repeat('[', 5000).str_repeat(']', 5000), 'message', 'expected JSON'];
        yield 'no action' => ['{"symbol":"M"}', 'do', 'one of enter'];
        yield 'an unknown action' => ['{"do":"purchase","symbol":"M"}', 'do', 'found “purchase”'];
        yield 'no symbol' => ['{"do":"buy"}', 'symbol', 'the ticker'];
        yield 'no side' => ['{"do":"enter","symbol":"M"}', 'side', 'long or short'];
        yield 'a side with a bare sell' => ['{"do":"sell","side":"short","symbol":"M"}', 'side', 'no side'];
        yield 'a misspelt field' => ['{"do":"buy","symbl":"M"}', 'symbl', 'Did you mean “symbol”?'];
        yield 'a size of nothing' => ['{"do":"buy","symbol":"M","size":0}', 'size', 'above zero'];
        yield 'a huge exponent' => ['{"do":"buy","symbol":"M","size":1e999999}', 'size', 'ordinary length'];
        yield 'a word for a price' => ['{"do":"buy","symbol":"M","price":"high"}', 'price', 'a number such as'];
        yield 'half a position' => ['{"do":"buy","symbol":"M","position":{"before":"flat"}}', 'position.after', 'long, short, flat'];
        yield 'no time' => ['{"do":"buy","symbol":"M","fired_at":"yesterday"}', 'fired_at', 'ISO 8601'];
    }

    private static function schemaTakes(mixed $message): bool
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/schemas/message-1.json');

        return (new Validator)->validate(Helper::toJSON($message), $schema)->isValid();
    }
}
