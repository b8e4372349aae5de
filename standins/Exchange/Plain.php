<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;

/** Numbers as venues write them: without the zeros that the database keeps. */
final class Plain
{
    public static function number(BigDecimal|string $number): string
    {
        return (string) BigDecimal::of($number)->stripTrailingZeros();
    }
}
