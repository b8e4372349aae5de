<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;

/** Something that a script did, or that happened to it. Times are in milliseconds since 1970, of the practice clock. */
final readonly class Event
{
    /** What an order can be called: by its side, or by what becomes of the position. */
    public const NAMES = ['buy', 'sell', 'enter long', 'enter short', 'exit'];

    /** Kinds: "order" at the market, filled at once; "placed" and "taken_back", a limit; "filled", a limit that rested. */
    public function __construct(
        public int $at,
        public string $kind,
        /** buy or sell */
        public string $side,
        public BigDecimal $size,
        public BigDecimal $price,
        public string $label,
        public string $comment,
        /** Positions are signed: below zero is short. */
        public BigDecimal $before,
        public BigDecimal $after,
        /** What the script has made so far, with what it holds at this price. */
        public BigDecimal $money,
    ) {}

    /** A limit that was filled is told by nobody: the venue has it too. */
    public function isTold(): bool
    {
        return $this->kind !== 'filled';
    }

    public function trades(): bool
    {
        return $this->kind === 'order' || $this->kind === 'filled';
    }

    /**
     * As the chart marks it.
     *
     * @param  int  $candle  Begin of the candle that it happened in.
     * @return array{at: int, candle: int, side: string, price: string, size: string, after: string, comment: string}
     */
    public function mark(int $candle): array
    {
        return ['at' => $this->at, 'candle' => $candle, 'side' => $this->side, 'price' => (string) $this->price, 'size' => (string) $this->size, 'after' => (string) $this->after, 'comment' => $this->comment];
    }

    /** Whether one of the names is this order's. */
    public function is(string $name): bool
    {
        $becomes = $this->after->isZero() ? 'exit' : 'enter '.($this->after->isPositive() ? 'long' : 'short');

        return in_array($name, [$this->side, $becomes], true);
    }

    /** @return array<string, string> By the names of placeholders. */
    public function values(): array
    {
        $side = static fn (BigDecimal $position): string => match ($position->getSign()) {
            1 => 'long',
            -1 => 'short',
            default => 'flat',
        };

        return [
            'order_action' => match ($this->kind) {
                'placed' => $this->side === 'buy' ? 'place long' : 'place short',
                'taken_back' => 'cancel',
                default => $this->side,
            },
            'order_size' => (string) $this->size,
            'order_price' => (string) $this->price,
            'order_id' => $this->label,
            'position_before' => $side($this->before),
            'position_after' => $side($this->after),
            'position_size' => (string) $this->after->abs(),
            'comment' => $this->comment,
        ];
    }
}
