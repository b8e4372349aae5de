<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;

/** A strategy: it looks at each closed candle, and at its own book, and says what it wants done. */
interface Script
{
    /**
     * Takes the next closed candle.
     *
     * @return list<Wish>
     */
    public function close(Candle $candle, Book $book): array;

    /**
     * One of its resting orders was filled.
     *
     * @return list<Wish>
     */
    public function filled(Wish $order, Book $book): array;
}
