<?php

declare(strict_types=1);

namespace Tests\Core\Inlet;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Inlet\AllowedMail;
use Wexon\Core\Inlet\AllowedSenders;
use Wexon\Core\Inlet\Signature;
use Wexon\Core\Profile\ChartProfile;
use Wexon\Core\Reading\Secrets;

final class SafetyTest extends TestCase
{
    #[DataProvider('senders')]
    public function test_senders(string $written, string $address, bool $allowed): void
    {
        self::assertSame($allowed, AllowedSenders::of($written)->allow($address));
    }

    /** @return iterable<array{string, string, bool}> */
    public static function senders(): iterable
    {
        $list = " 203.0.113.7,\n 198.51.100.0/24 ;[2001:db8::/33], ";
        yield 'an empty list' => ['  ', '192.0.2.1', true];
        yield 'one of them' => [$list, '203.0.113.7', true];
        yield 'the next one' => [$list, '203.0.113.8', false];
        yield 'the last of a network' => [$list, '198.51.100.255', true];
        yield 'just outside' => [$list, '198.51.101.0', false];
        yield 'IPv4 inside IPv6' => [$list, '::ffff:203.0.113.7', true];
        yield 'the last of a half' => [$list, '2001:db8:7fff::1', true];
        yield 'the other half' => [$list, '2001:db8:8000::', false];
        yield 'no address' => [$list, 'unix:', false];
        yield 'everybody' => ['0.0.0.0/0', '192.0.2.1', true];
        yield 'odd bits' => ['10.0.0.0/9', '10.128.0.0', false];
    }

    #[DataProvider('mails')]
    public function test_mail_senders(string $address, bool $allowed): void
    {
        self::assertSame($allowed, AllowedMail::of('Alerts@Charts.example, <@desk.example>; plans.example')->allow($address));
    }

    /** @return iterable<array{string, bool}> */
    public static function mails(): iterable
    {
        yield ['alerts@charts.example', true];
        yield ['ALERTS@CHARTS.EXAMPLE ', true];
        yield ['other@charts.example', false];
        yield ['anyone@desk.example', true];
        yield ['anyone@plans.example', true];
        yield ['anyone@sub.plans.example', false];
        yield ['alerts@charts.example.evil.example', false];
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_in_words(callable $make, string $words): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        $make();
    }

    /** @return iterable<array{callable(): mixed, string}> */
    public static function nonsense(): iterable
    {
        $profile = static fn (array $variables, string $unit = 'units', ?int $days = null): callable => static fn () => ChartProfile::of(['variables' => $variables, 'size_unit' => $unit, 'alert_days' => $days]);
        yield [static fn () => AllowedSenders::of('203.0.113.7/33'), '“203.0.113.7/33” is no address'];
        yield [static fn () => AllowedSenders::of('charts.example'), 'write 203.0.113.7'];
        yield [static fn () => AllowedMail::of('a@b@c'), 'neither a mail address nor a domain'];
        yield [$profile(['symbol' => 'ticker']), 'could stand in any message'];
        yield [$profile(['symbol' => '{s}', 'close' => '{s}']), 'stands for symbol already'];
        yield [$profile(['colour' => '{c}']), 'There is no variable “colour”'];
        yield [$profile(['symbol' => ' ']), 'at least one placeholder'];
        yield [$profile(['symbol' => '{s}'], 'bags'), 'found “bags”'];
        yield [$profile(['symbol' => '{s}'], 'lots', 0), 'found 0'];
    }

    #[DataProvider('signatures')]
    public function test_signatures(?string $time, ?string $signature, string $body, ?string $words): void
    {
        $trouble = Signature::trouble('secret', $time, $signature, $body, 1_772_461_800);

        $words === null ? self::assertNull($trouble) : self::assertStringContainsString($words, (string) $trouble);
    }

    /** @return iterable<array{string|null, string|null, string, string|null}> */
    public static function signatures(): iterable
    {
        // printf '1772461800.buy M' | openssl dgst -sha256 -hmac secret
        $good = '65d5312721001dab482fce3d4000d40843265db97393fda0fa2a2df7cabbfd02';
        yield 'right' => ['1772461800', $good, 'buy M', null];
        yield 'in capitals' => ['1772461800', strtoupper($good), 'buy M', null];
        yield 'none' => [null, null, 'buy M', 'signed messages only'];
        yield 'another body' => ['1772461800', $good, 'buy N', 'not that of this message'];
        yield 'another time' => ['1772461801', $good, 'buy M', 'not that of this message'];
        yield 'too old' => ['1772461499', $good, 'buy M', 'more than 300 seconds'];
        yield 'no time' => ['now', $good, 'buy M', 'more than 300 seconds'];
    }

    #[DataProvider('secrets')]
    public function test_secrets_are_blanked_out(string $text, string $expected): void
    {
        [$clean, $count] = Secrets::blankOut($text);

        self::assertSame($expected, $clean);
        self::assertSame($text === $expected ? 0 : 1, $count);
        self::assertSame([$clean, 0], Secrets::blankOut($clean), 'once is enough');
    }

    /** @return iterable<array{string, string}> */
    public static function secrets(): iterable
    {
        yield 'in an object' => ['{"do":"buy","api_key":"abcd1234efgh","symbol":"M"}', '{"do":"buy","api_key":"********","symbol":"M"}'];
        yield 'in a line' => ["Secret Key: Zx9kLmN8qRs7\nbuy", "Secret Key: ********\nbuy"];
        yield 'in a form' => ['symbol=M&password=hunter2hunter&do=buy', 'symbol=M&password=********&do=buy'];
        yield 'without a name' => ['buy M 7fA9xQ2mLp0Zr8Tn3Vb6Yc1Wd4Ee5Gh2J', 'buy M ********'];
        yield 'in hex' => ['{"k":"'.str_repeat('0f9a', 16).'"}', '{"k":"********"}'];
        foreach ([
            '{"id":"3f2a9c1e-7b4d-4e8f-9a2b-1c3d5e7f9a0b"}', '{"label":"MarlLongEntryFastCrossoverStrategyV2Hour4"}', '{"label":"password reset soon"}',
            '{"id":"01KAXWZ3N8J5Q2R7T9V4Y6B1C0"}', '{"label":"Strategy_Long_Entry_V2_MARLUSD_5min_15_30_60"}', '{"password": ""}', 'enter long MARL/USD size 12345678901234567890.123456789012345',
        ] as $innocent) {
            yield $innocent => [$innocent, $innocent];
        }
    }
}
