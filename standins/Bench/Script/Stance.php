<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;

/** Where a script wants to be: the one order that brings its book there. */
final class Stance
{
    /** @return list<Wish> */
    public static function long(Book $book, BigDecimal $size, string $comment): array
    {
        return self::at($book, $size, $comment);
    }

    /** @return list<Wish> */
    public static function short(Book $book, BigDecimal $size, string $comment): array
    {
        return self::at($book, $size->negated(), $comment);
    }

    /** @return list<Wish> */
    public static function flat(Book $book, string $comment): array
    {
        return self::at($book, BigDecimal::zero(), $comment);
    }

    /** @return list<Wish> Nothing, if it is there already. */
    private static function at(Book $book, BigDecimal $position, string $comment): array
    {
        $missing = $position->minus($book->position());

        return match ($missing->getSign()) {
            1 => [Wish::buy($missing, $comment)],
            -1 => [Wish::sell($missing->negated(), $comment)],
            default => [],
        };
    }
}
