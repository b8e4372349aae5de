<?php

namespace App\Casts;

use Brick\Math\BigDecimal;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A DECIMAL column as a BigDecimal, without the zeros that the column pads it with.
 *
 * @implements CastsAttributes<BigDecimal, BigDecimal|string|int>
 */
final class DecimalCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?BigDecimal
    {
        return is_string($value) || is_int($value) ? BigDecimal::of($value)->stripTrailingZeros() : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : (string) BigDecimal::of($value);
    }
}
