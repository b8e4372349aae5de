<?php

declare(strict_types=1);

namespace Wexon\Core\Expression;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Closure;

/**
 * What can stand between two values, by how it is written. The right value is only worked out when it is asked for.
 *
 * @phpstan-import-type Value from Expression
 *
 * @phpstan-type Operator Closure(Value, Closure(): Value): Value
 */
final class Operators
{
    /** @var array<string, Operator>|null */
    private static ?array $all = null;

    /** @return array<string, Operator> */
    public static function all(): array
    {
        return self::$all ??= [...self::ofTruths(), ...self::ofNumbers(), ...self::ofTexts()];
    }

    /** @return array<string, Operator> */
    private static function ofTruths(): array
    {
        $or = static fn (BigDecimal|string|bool|null $left, Closure $right): bool => Values::truth($left) || Values::truth(self::value($right));
        $and = static fn (BigDecimal|string|bool|null $left, Closure $right): bool => Values::truth($left) && Values::truth(self::value($right));
        $same = static fn (BigDecimal|string|bool|null $left, Closure $right): bool => Values::same($left, self::value($right));
        $other = static fn (BigDecimal|string|bool|null $left, Closure $right): bool => ! Values::same($left, self::value($right));

        return ['or' => $or, '||' => $or, 'and' => $and, '&&' => $and, '==' => $same, '===' => $same, '!=' => $other, '!==' => $other];
    }

    /** @return array<string, Operator> */
    private static function ofNumbers(): array
    {
        return [
            '+' => self::sum(static fn (BigDecimal $left, BigDecimal $right): BigDecimal => $left->plus($right)),
            '-' => self::sum(static fn (BigDecimal $left, BigDecimal $right): BigDecimal => $left->minus($right)),
            '*' => self::sum(static fn (BigDecimal $left, BigDecimal $right): BigDecimal => $left->multipliedBy($right)),
            '/' => self::sum(static fn (BigDecimal $left, BigDecimal $right): BigDecimal => $left->dividedBy(self::notZero($right), Values::SCALE, RoundingMode::HALF_EVEN)->stripTrailingZeros()),
            '%' => self::sum(static fn (BigDecimal $left, BigDecimal $right): BigDecimal => $left->remainder(self::notZero($right))),
            '<' => self::comparison(static fn (int $order): bool => $order < 0),
            '>' => self::comparison(static fn (int $order): bool => $order > 0),
            '<=' => self::comparison(static fn (int $order): bool => $order <= 0),
            '>=' => self::comparison(static fn (int $order): bool => $order >= 0),
        ];
    }

    /** @return array<string, Operator> */
    private static function ofTexts(): array
    {
        $lower = static fn (BigDecimal|string|bool|null $value): string => mb_strtolower(Values::text($value));

        return [
            '~' => static fn (BigDecimal|string|bool|null $left, Closure $right): BigDecimal|string => Values::bounded(Values::text($left).Values::text(self::value($right))),
            'contains' => static fn (BigDecimal|string|bool|null $left, Closure $right): bool => str_contains($lower($left), $lower(self::value($right))),
            'starts with' => static fn (BigDecimal|string|bool|null $left, Closure $right): bool => str_starts_with($lower($left), $lower(self::value($right))),
            'ends with' => static fn (BigDecimal|string|bool|null $left, Closure $right): bool => str_ends_with($lower($left), $lower(self::value($right))),
        ];
    }

    /**
     * @param  Closure(BigDecimal, BigDecimal): BigDecimal  $sum
     * @return Operator
     */
    private static function sum(Closure $sum): Closure
    {
        return static fn (BigDecimal|string|bool|null $left, Closure $right): BigDecimal|string => Values::bounded($sum(Values::number($left), Values::number(self::value($right))));
    }

    /**
     * @param  Closure(int): bool  $wanted
     * @return Operator
     */
    private static function comparison(Closure $wanted): Closure
    {
        return static fn (BigDecimal|string|bool|null $left, Closure $right): bool => $wanted(Values::number($left)->compareTo(Values::number(self::value($right))));
    }

    private static function value(Closure $right): BigDecimal|string|bool|null
    {
        $value = $right();

        return $value instanceof BigDecimal || is_string($value) || is_bool($value) ? $value : null;
    }

    /** @throws ExpressionTrouble */
    private static function notZero(BigDecimal $number): BigDecimal
    {
        return $number->isZero() ? throw new ExpressionTrouble('nothing can be divided by zero') : $number;
    }
}
