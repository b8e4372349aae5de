<?php

declare(strict_types=1);

namespace Tests\Core\Expression;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Expression\Expression;
use Wexon\Core\Expression\ExpressionTrouble;

final class ExpressionTest extends TestCase
{
    private const FIELDS = ['price' => '38.40', 'size' => '3', 'label' => 'Long Add 2', 'side' => null];

    #[DataProvider('sums')]
    public function test_it_works_out(string $written, string|bool|null $expected): void
    {
        $value = Expression::of($written, array_keys(self::FIELDS))->value(self::FIELDS);

        self::assertSame($expected, $value instanceof BigDecimal ? (string) $value : $value);
    }

    /** @return iterable<array{string, string|bool|null}> */
    public static function sums(): iterable
    {
        yield ['price * size', '115.20'];
        yield ['0.1 + 0.2', '0.3'];
        yield ['0.1 + 0.2 == 0.3', true];
        yield ['1 / 3', '0.333333333333333333'];
        yield ['10 / 4', '2.5'];
        yield ['-price % 5', '-3.40'];
        yield ['round(price * 0.987, 1)', '37.9'];
        yield ['floor(-1.5) ~ "/" ~ ceil(-1.5) ~ "/" ~ round(2.5)', '-2/-1/3'];
        yield ['max(price, 40, size)', '40'];
        yield ['abs(-2) + sign(-price) + min(4, 9)', '5'];
        yield ['label contains "ADD" ? "add" : "enter"', 'add'];
        yield ['label starts with "long" and not (size > 3)', true];
        yield ['side ?? "long"', 'long'];
        yield ['side == null', true];
        yield ['side', null];
        yield ['"1,000.5" + 1', '1001.5'];
        yield ['size == "3.0"', true];
        yield ['part(label, " ", 3)', '2'];
        yield ['before(label, " ") ~ after(label, "Add")', 'Long 2'];
        yield ['replace(upper(trim(" a-b ")), "-", "/")', 'A/B'];
        yield ['length(label) * 2', '20'];
        yield ['size > 5 || price < 40 && true', true];
    }

    #[DataProvider('forbidden')]
    public function test_it_cannot_reach_anything_else(string $written, string $words): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        Expression::of($written, array_keys(self::FIELDS));
    }

    /** @return iterable<array{string, string}> */
    public static function forbidden(): iterable
    {
        yield 'a function of PHP' => ['system("id")', 'function "system" does not exist'];
        yield 'constants' => ['constant("PHP_VERSION")', 'does not exist'];
        yield 'enums' => ['enum("Wexon\\\\Core\\\\Signal\\\\Side::Long")', 'does not exist'];
        yield 'a method' => ['label.format("x")', 'nothing else, and no part of a field'];
        yield 'a property' => ['label.length', 'nothing else, and no part of a field'];
        yield 'a part in brackets' => ['label[0]', 'nothing else, and no part of a field'];
        yield 'a static call' => ['Wexon\\Core::x()', 'is no expression'];
        yield 'a file' => ['file_get_contents("/etc/passwd")', 'does not exist'];
        yield 'a regular expression' => ['label matches "/a/"', '“matches” is no operator'];
        yield 'powers' => ['9 ** 9', '“**” is no operator'];
        yield 'lists' => ['size in [1, 2]', 'nothing else'];
        yield 'ranges' => ['1..9', 'no operator here'];
        yield 'a field that there is not' => ['secret + 1', 'Known are price, size, label, side'];
        yield 'too many values' => ['abs(1, 2)', 'abs() takes 1 values; found 2'];
        yield 'too long' => [str_repeat('1+', 200).'1', 'one to 300 characters'];
        yield 'too deep' => [str_repeat('(-', 60).'1'.str_repeat(')', 60), 'nested too deep'];
        yield 'nothing' => [' ', 'one to 300'];
        yield 'half of one' => ['1 +', 'is no expression'];
    }

    #[DataProvider('troubles')]
    public function test_what_has_no_value_says_why(string $written, string $words): void
    {
        $this->expectException(ExpressionTrouble::class);
        $this->expectExceptionMessage($words);
        Expression::of($written, array_keys(self::FIELDS))->value(self::FIELDS);
    }

    /** @return iterable<array{string, string}> */
    public static function troubles(): iterable
    {
        yield ['price / (size - 3)', 'divided by zero'];
        yield ['label + 1', '“Long Add 2” is no number'];
        yield ['side * 2', 'nothing is no number'];
        yield ['round(price, 99)', '99 is no count of digits'];
        yield ['replace(replace(replace("aaaaaaaaaa", "a", "bbbbbbbbbb"), "b", "cccccccccc"), "c", "dddddddddd")', 'too large'];
    }
}
