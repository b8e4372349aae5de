<?php

declare(strict_types=1);

namespace Wexon\Core\Expression;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Reading\Numbers;

/** What the values of an expression are when a number, a text, or a yes or no is needed. */
final class Values
{
    /** Longest text and number that an expression may make. */
    private const LONGEST = 1_000;

    public const SCALE = 18;

    /** @throws ExpressionTrouble If it is no number. */
    public static function number(BigDecimal|string|bool|null $value): BigDecimal
    {
        if ($value instanceof BigDecimal) {
            return $value;
        }
        $plain = is_string($value) ? Numbers::plain($value) : null;

        return $plain === null ? throw new ExpressionTrouble(self::shown($value).' is no number') : BigDecimal::of($plain);
    }

    public static function isNumber(BigDecimal|string|bool|null $value): bool
    {
        return $value instanceof BigDecimal || (is_string($value) && Numbers::plain($value) !== null);
    }

    public static function text(BigDecimal|string|bool|null $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'true' : 'false',
            default => (string) $value,
        };
    }

    /** An empty text, zero and nothing are no. */
    public static function truth(BigDecimal|string|bool|null $value): bool
    {
        return match (true) {
            is_bool($value) => $value,
            $value instanceof BigDecimal => ! $value->isZero(),
            default => ! in_array($value, ['', 'false', '0', null], true),
        };
    }

    /** Numbers are equal by their value, texts whatever their case. */
    public static function same(BigDecimal|string|bool|null $left, BigDecimal|string|bool|null $right): bool
    {
        return match (true) {
            self::isNumber($left) && self::isNumber($right) => self::number($left)->isEqualTo(self::number($right)),
            is_bool($left) || is_bool($right) => self::truth($left) === self::truth($right),
            $left === null || $right === null => $left === $right,
            default => mb_strtolower(self::text($left)) === mb_strtolower(self::text($right)),
        };
    }

    /** @throws ExpressionTrouble If it is larger than any price or text. */
    public static function bounded(BigDecimal|string $value): BigDecimal|string
    {
        if (strlen((string) $value) > self::LONGEST) {
            throw new ExpressionTrouble('it becomes too large');
        }

        return $value instanceof BigDecimal && $value->getScale() > self::SCALE ? $value->toScale(self::SCALE, RoundingMode::HALF_EVEN)->stripTrailingZeros() : $value;
    }

    private static function shown(BigDecimal|string|bool|null $value): string
    {
        return $value === null ? 'nothing' : '“'.mb_substr(self::text($value), 0, 60).'”';
    }
}
