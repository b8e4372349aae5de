<?php

declare(strict_types=1);

namespace Wexon\Core\Expression;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Closure;

/**
 * The functions that an expression may use, by name. There are no others.
 *
 * @phpstan-import-type Value from Expression
 */
final class Functions
{
    private const MOST_DIGITS = 18;

    /** @var array<string, array{int, int, Closure(Value...): Value}>|null */
    private static ?array $all = null;

    /** @return array<string, array{int, int, Closure(Value...): Value}> Fewest and most arguments, and the function. */
    public static function all(): array
    {
        return self::$all ??= self::ofNumbers() + self::ofTexts();
    }

    /** @return array<string, array<string, mixed>> What Symfony's parser wants to know: that they exist. */
    public static function forParser(): array
    {
        return array_map(static fn (): array => [], self::all());
    }

    /** @return array<string, array{int, int, Closure(Value...): Value}> */
    private static function ofNumbers(): array
    {
        $number = Values::number(...);

        return [
            'abs' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => $number($given[0] ?? null)->abs()],
            'min' => [1, 10, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => BigDecimal::min(...array_map($number, array_values($given)))],
            'max' => [1, 10, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => BigDecimal::max(...array_map($number, array_values($given)))],
            'round' => [1, 2, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => self::scaled(array_values($given), RoundingMode::HALF_UP)],
            'floor' => [1, 2, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => self::scaled(array_values($given), RoundingMode::FLOOR)],
            'ceil' => [1, 2, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => self::scaled(array_values($given), RoundingMode::CEILING)],
            'number' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => $number($given[0] ?? null)],
            'sign' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => BigDecimal::of($number($given[0] ?? null)->getSign())],
        ];
    }

    /** @return array<string, array{int, int, Closure(Value...): Value}> */
    private static function ofTexts(): array
    {
        $text = Values::text(...);

        return [
            'text' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): string => $text($given[0] ?? null)],
            'lower' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): string => mb_strtolower($text($given[0] ?? null))],
            'upper' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): string => mb_strtoupper($text($given[0] ?? null))],
            'trim' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): string => trim($text($given[0] ?? null))],
            'length' => [1, 1, static fn (BigDecimal|string|bool|null ...$given): BigDecimal => BigDecimal::of(mb_strlen($text($given[0] ?? null)))],
            'replace' => [3, 3, static fn (BigDecimal|string|bool|null ...$given): string => $text($given[1] ?? null) === '' ? $text($given[0] ?? null) : str_replace($text($given[1] ?? null), $text($given[2] ?? null), $text($given[0] ?? null))],
            'before' => [2, 2, static fn (BigDecimal|string|bool|null ...$given): string => self::parts(array_values($given))[0]],
            'after' => [2, 2, static fn (BigDecimal|string|bool|null ...$given): string => self::parts(array_values($given))[1]],
            'part' => [3, 3, static fn (BigDecimal|string|bool|null ...$given): string => self::part(array_values($given))],
        ];
    }

    /**
     * @param  list<Value>  $given  The number, and the digits to keep.
     *
     * @throws ExpressionTrouble
     */
    private static function scaled(array $given, RoundingMode $mode): BigDecimal
    {
        $digits = Values::number($given[1] ?? '0');
        if ($digits->isNegative() || $digits->isGreaterThan(self::MOST_DIGITS) || ! $digits->isEqualTo($digits->toScale(0, RoundingMode::DOWN))) {
            throw new ExpressionTrouble("{$digits} is no count of digits: 0 to ".self::MOST_DIGITS.' can be kept');
        }

        return Values::number($given[0] ?? null)->toScale($digits->toScale(0, RoundingMode::DOWN)->toInt(), $mode);
    }

    /**
     * @param  list<Value>  $given  The text, and what stands between the two parts.
     * @return array{string, string} All of it and nothing when it does not stand there.
     */
    private static function parts(array $given): array
    {
        [$text, $mark] = [Values::text($given[0] ?? null), Values::text($given[1] ?? null)];
        $parts = $mark === '' ? [$text] : explode($mark, $text, 2);

        return [$parts[0], $parts[1] ?? ''];
    }

    /** @param  list<Value>  $given  The text, what separates its parts, and which one; the first is 1. */
    private static function part(array $given): string
    {
        $mark = Values::text($given[1] ?? null);
        $parts = $mark === '' ? [] : explode($mark, Values::text($given[0] ?? null));

        return $parts[(int) Values::text($given[2] ?? null) - 1] ?? '';
    }
}
