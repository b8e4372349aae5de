<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;

/**
 * A strategy: it looks at each closed candle, and at its own book, and says what it wants done. It remembers plain values and
 * studies only, so that it can be put down and taken up again.
 */
interface Script
{
    /**
     * Takes the next closed candle.
     *
     * @return list<Wish>
     */
    public function close(Candle $candle, Book $book, Terms $terms): array;

    /**
     * One of its resting orders was filled.
     *
     * @return list<Wish>
     */
    public function filled(Wish $order, Book $book, Terms $terms): array;
}
