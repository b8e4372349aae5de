<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Reading\Field\SignalFields;
use Wexon\Core\Reading\Nearest;
use Wexon\Core\Reading\Numbers;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\Times;

/** What a found value becomes, by its field and the unit that was chosen. */
final class FieldKindsTest extends TestCase
{
    /** @param  string|list<mixed>  $value */
    #[DataProvider('values')]
    public function test_a_value_becomes(string $field, string|array $value, ?string $unit, string $expected): void
    {
        try {
            $said = (string) json_encode(SignalFields::all()[$field]['kind']->part($field, $value, $unit), JSON_UNESCAPED_SLASHES);
        } catch (ReadingError $error) {
            $said = '! '.$error->getMessage();
        }

        str_starts_with($expected, '!') ? self::assertStringContainsString(ltrim($expected, '! '), $said) : self::assertSame($expected, $said);
    }

    /** @return iterable<array{string, string|list<mixed>, string|null, string}> */
    public static function values(): iterable
    {
        yield ['do', 'Exit_Long', null, '{"do":"exit","side":"long"}'];
        yield ['do', 'cancel all', null, '{"do":"cancel","all":true}'];
        yield ['do', 'flatten all', null, '{"do":"flatten"}'];
        yield ['do', 'exit long now', null, '! found “exit long now”'];
        yield ['do', 'purchase', null, '! a translation makes it one of them'];
        yield ['do', ['buy'], null, '! one value; choose one of the list'];
        yield ['side', 'LONG', null, '{"side":"long"}'];
        yield ['size', '3', null, '{"size":{"amount":"3","unit":"units"}}'];
        yield ['size', '3', 'lots', '{"size":{"amount":"3","unit":"lots"}}'];
        yield ['size', '3%', 'lots', '{"size":{"unit":"percent","amount":"3"}}'];
        yield ['size', '250 usd', null, '{"size":{"unit":"money","currency":"usd","amount":"250"}}'];
        yield ['size', '2 lot', null, '{"size":{"unit":"lots","amount":"2"}}'];
        yield ['size', '4 Contracts', null, '{"size":{"unit":"contracts","amount":"4"}}'];
        yield ['size', '-0.5', null, '{"size":{"amount":"0.5","unit":"units"}}'];
        yield ['size', '1 250,5', null, '! a number, such as 0.25, 5% or 250 USD'];
        yield ['share', '50 %', null, '{"share":"50"}'];
        yield ['price', "12'345.60", null, '{"price":"12345.60"}'];
        yield ['price', 'about', null, '{"price":"about"}'];
        yield ['stop', '38.4', null, '{"stop":{"at":"38.4"}}'];
        yield ['stop', '2', 'percent', '{"stop":{"percent":"2"}}'];
        yield ['stop', '2 %', 'ticks', '{"stop":{"percent":"2"}}'];
        yield ['limit', '@38.4', 'ticks', '{"limit":{"at":"38.4"}}'];
        yield ['trailing', '12ticks', null, '{"trailing":{"ticks":"12"}}'];
        yield ['stop', 'far', null, '! a price or a distance'];
        yield ['targets', '1.5%:50 3%:50', null, '{"targets":[{"percent":"1.5","share":"50"},{"percent":"3","share":"50"}]}'];
        yield ['targets', '39, 41', null, '{"targets":[{"at":"39"},{"at":"41"}]}'];
        yield ['targets', ['2', '4:30%'], 'risk', '{"targets":[{"risk":"2"},{"risk":"4","share":"30"}]}'];
        yield ['targets', [['at' => '3']], null, '! prices or distances'];
        yield ['position_before', '-3', null, '{"position":{"before":"short"}}'];
        yield ['position_after', '0.00', null, '{"position":{"after":"flat"}}'];
        yield ['position_after', '0e5', null, '{"position":{"after":"flat"}}'];
        yield ['position_after', 'NONE', null, '{"position":{"after":"flat"}}'];
        yield ['position_size', '-3', null, '{"position":{"size":"-3"}}'];
        yield ['position_size', 'three', null, '! a number such as 3'];
        yield ['accounts', 'main; small ,', null, '{"accounts":["main","small"]}'];
        yield ['fired_at', '1772461800', null, '{"fired_at":"2026-03-02T14:30:00.000000Z"}'];
        yield ['fired_at', '1772461800', 'milliseconds since 1970', '{"fired_at":"1970-01-21T12:21:01.800000Z"}'];
        yield ['fired_at', '2026-03-02 14:30', 'seconds since 1970', '! expected seconds since 1970'];
        yield ['expires_at', '2026-03-02T16:30+02:00', null, '{"expires_at":"2026-03-02T14:30:00.000000Z"}'];
    }

    #[DataProvider('numbers')]
    public function test_numbers(string $text, ?string $plain, ?string $within): void
    {
        self::assertSame([$plain, $within], [Numbers::plain($text), Numbers::within($text)]);
    }

    /** @return iterable<array{string, string|null, string|null}> */
    public static function numbers(): iterable
    {
        yield ['+3', '3', '3'];
        yield ['.5', '.5', '.5'];
        yield ['5.', '5.', '5.'];
        yield ['1,234,567.8', '1234567.8', '1234567.8'];
        yield ['1 234', '1234', '1234'];
        yield ['12,34', null, null];
        yield ['1,5', null, null];
        yield ['1e5', '1e5', '1e5'];
        yield ['1e500', null, null];
        yield ['3 of MARL', null, '3'];
        yield ['V2', null, null];
        yield ['2 or 3', null, null];
        yield ['NaN', null, null];
        yield ['', null, null];
    }

    #[DataProvider('times')]
    public function test_times(string $text, ?string $expected): void
    {
        self::assertSame($expected, Times::read($text)?->format('Y-m-d\TH:i:s.up'));
    }

    /** @return iterable<array{string, string|null}> */
    public static function times(): iterable
    {
        yield ['2026-03-02T14:30:00Z', '2026-03-02T14:30:00.000000Z'];
        yield ['2026-03-02t14:30:00.25z', '2026-03-02T14:30:00.250000Z'];
        yield ['2026-03-02 14:30:00 UTC', '2026-03-02T14:30:00.000000Z'];
        yield ['2026-03-02', '2026-03-02T00:00:00.000000Z'];
        yield ['2026-03-02T00:30:00+0100', '2026-03-01T23:30:00.000000Z'];
        yield ['1772461800123', '2026-03-02T14:30:00.123000Z'];
        yield ['1772461800.5', '2026-03-02T14:30:00.500000Z'];
        yield ['1772461800123.25', '2026-03-02T14:30:00.123250Z'];
        yield ['2026-02-30T00:00:00Z', '2026-03-02T00:00:00.000000Z'];
        yield ['2026-13-01', null];
        yield ['next monday', null];
        yield ['now', null];
        yield ['14:30', null];
        yield ['12345678', null];
    }

    #[DataProvider('words')]
    public function test_the_nearest_word(string $word, ?string $expected): void
    {
        self::assertSame($expected, Nearest::of($word, ['enter', 'exit', 'buy', 'sell', 'flatten']));
    }

    /** @return iterable<array{string, string|null}> */
    public static function words(): iterable
    {
        yield ['entre', 'enter'];
        yield ['SEL', 'sell'];
        yield ['bye', 'buy'];
        yield ['please buy now', 'buy'];
        yield ['close', null];
        yield [str_repeat('x', 5_000), null];
        yield ['', null];
    }
}
