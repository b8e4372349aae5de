<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;

/** What a script wants done: an order at the market, a limit that rests, or one taken back. */
final readonly class Wish
{
    /** @param  'buy'|'sell'  $side */
    private function __construct(
        public string $side,
        public ?BigDecimal $size,
        public ?BigDecimal $limit,
        public string $label,
        public string $comment,
        public bool $cancels = false,
    ) {}

    public static function buy(BigDecimal $size, string $comment): self
    {
        return new self('buy', $size, null, $comment, $comment);
    }

    public static function sell(BigDecimal $size, string $comment): self
    {
        return new self('sell', $size, null, $comment, $comment);
    }

    /** @param  'buy'|'sell'  $side */
    public static function rest(string $side, BigDecimal $size, BigDecimal $limit, string $label): self
    {
        return new self($side, $size, $limit, $label, $label);
    }

    public static function cancel(string $label): self
    {
        return new self('buy', null, null, $label, $label, true);
    }
}
