<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind;

/**
 * Distances as rules write them: {"percent": "2"}, as messages do.
 *
 * @phpstan-type DistanceSpec array<string, string>
 */
final class Distances
{
    /**
     * @param  DistanceSpec  $spec
     *
     * @throws InvalidArgumentException If it is not one kind of distance, above zero.
     */
    public static function of(array $spec): Distance
    {
        $kind = DistanceKind::tryFrom((string) array_key_first($spec));
        if ($kind === null || count($spec) !== 1) {
            throw new InvalidArgumentException('A distance is one of '.implode(', ', array_column(DistanceKind::cases(), 'value')).', with its amount.');
        }
        $amount = BigDecimal::of($spec[$kind->value]);
        if (! $amount->isPositive()) {
            throw new InvalidArgumentException("A distance is above zero; found {$amount}.");
        }

        return Distance::of($kind, $amount);
    }

    /** @param  DistanceSpec|null  $spec */
    public static function orNull(?array $spec): ?Distance
    {
        return $spec === null || $spec === [] ? null : self::of($spec);
    }
}
