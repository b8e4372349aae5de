<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

/** Most scripts have no resting orders. */
trait ActsAtTheClose
{
    /** @return list<Wish> */
    public function filled(Wish $order, Book $book, Terms $terms): array
    {
        return [];
    }
}
