<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Condition;

/** Not a script of its own: what a pair of alerts would do, one to get in and one to get out. */
final class Pair implements Script
{
    use ActsAtTheClose;

    private function __construct(private readonly Condition $enter, private readonly Condition $exit, private readonly bool $isLong) {}

    public static function of(Condition $enter, Condition $exit, bool $isLong): self
    {
        return new self($enter, $exit, $isLong);
    }

    public function close(Candle $candle, Book $book, Terms $terms): array
    {
        $enters = $this->enter->next($candle);
        $exits = $this->exit->next($candle);

        return match (true) {
            $exits && ! $book->position()->isZero() => Stance::flat($book, 'exit'),
            $enters && $book->position()->isZero() => $this->isLong ? Stance::long($book, $terms->size, 'enter') : Stance::short($book, $terms->size, 'enter'),
            default => [],
        };
    }
}
