<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use Closure;
use InvalidArgumentException;

/**
 * The price rules by name.
 *
 * @phpstan-type PriceSpec array{at: string, offset?: string, unit?: string, expression?: string}
 */
final class PriceRules
{
    /**
     * @param  PriceSpec  $spec
     *
     * @throws InvalidArgumentException If there is no such rule, or its expression will not do.
     */
    public static function of(array $spec): PriceRule
    {
        $make = self::registry()[$spec['at']] ?? throw new InvalidArgumentException(
            "There is no price rule “{$spec['at']}”; known are ".implode(', ', array_keys(self::registry())).'.',
        );

        return $make(self::offset($spec), $spec['expression'] ?? '');
    }

    /** @return array<string, Closure(Offset, string): PriceRule> The offset or the expression to the rule. */
    private static function registry(): array
    {
        return [
            'message' => static fn (Offset $offset): PriceRule => new MessagePrice($offset),
            'own_side' => static fn (Offset $offset): PriceRule => new OwnSidePrice($offset),
            'other_side' => static fn (Offset $offset): PriceRule => new OtherSidePrice($offset),
            'expression' => static fn (Offset $offset, string $expression): PriceRule => ExpressionPrice::of($expression),
        ];
    }

    /** @param  PriceSpec  $spec */
    private static function offset(array $spec): Offset
    {
        return new Offset(BigDecimal::of($spec['offset'] ?? '0'), OffsetUnit::from($spec['unit'] ?? OffsetUnit::Ticks->value));
    }
}
