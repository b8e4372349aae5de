<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use Brick\Math\BigDecimal;
use Closure;
use InvalidArgumentException;

/**
 * The size rules by name.
 *
 * @phpstan-type SizeSpec array{rule: string, amount?: string, multiplier?: string}
 */
final class SizeRules
{
    /**
     * @param  SizeSpec  $spec
     *
     * @throws InvalidArgumentException If there is no such rule, or its amount will not do.
     */
    public static function of(array $spec): SizeRule
    {
        $make = self::registry()[$spec['rule']] ?? throw new InvalidArgumentException(
            "There is no size rule “{$spec['rule']}”; known are ".implode(', ', array_keys(self::registry())).'.',
        );

        $rule = $make($spec['amount'] ?? null);
        $multiplier = isset($spec['multiplier']) ? self::amount($spec['multiplier']) : null;

        return $multiplier === null ? $rule : Multiplied::of($rule, $multiplier);
    }

    /** @return array<string, Closure(?string): SizeRule> The amount to the rule. */
    private static function registry(): array
    {
        return [
            'fixed_units' => static fn (?string $amount): SizeRule => new FixedUnits(self::amount($amount)),
            'fixed_money' => static fn (?string $amount): SizeRule => new FixedMoney(self::amount($amount)),
            'percent_of_equity' => static fn (?string $amount): SizeRule => new PercentOfEquity(self::amount($amount)),
            'percent_of_free' => static fn (?string $amount): SizeRule => new PercentOfFree(self::amount($amount)),
            'percent_of_allocation' => static fn (?string $amount): SizeRule => new PercentOfAllocation(self::amount($amount)),
            'percent_at_risk' => static fn (?string $amount): SizeRule => new PercentAtRisk(self::amount($amount)),
            'from_message' => static fn (?string $amount): SizeRule => new FromMessage,
        ];
    }

    private static function amount(?string $amount): BigDecimal
    {
        $amount = BigDecimal::of($amount ?? throw new InvalidArgumentException('This size rule needs an amount.'));
        if (! $amount->isPositive()) {
            throw new InvalidArgumentException("The size must be above zero; found {$amount}.");
        }

        return $amount;
    }
}
