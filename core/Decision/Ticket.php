<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Brick\Math\BigDecimal;
use Wexon\Core\Signal\OrderSide;

/** A market order to be sent: everything but the account and the client order id. */
final readonly class Ticket
{
    private function __construct(
        /** 1 for the first of a decision; the next goes out when the one before is filled. */
        public int $number,
        public string $instrument,
        public OrderSide $side,
        /** Units, a multiple of the lot step. */
        public BigDecimal $quantity,
        /** True when it may only make a position smaller. */
        public bool $reduceOnly,
    ) {}

    public static function market(int $number, string $instrument, OrderSide $side, BigDecimal $quantity, bool $reduceOnly): self
    {
        return new self($number, $instrument, $side, $quantity->stripTrailingZeros(), $reduceOnly);
    }

    /** @return array{number: int, type: string, instrument: string, side: string, quantity: string, reduce_only: bool} */
    public function toArray(): array
    {
        return [
            'number' => $this->number,
            'type' => 'market',
            'instrument' => $this->instrument,
            'side' => $this->side->value,
            'quantity' => (string) $this->quantity,
            'reduce_only' => $this->reduceOnly,
        ];
    }

    /** "sell 3.2 MARL.P at market, reduce only" */
    public function __toString(): string
    {
        return "{$this->side->value} {$this->quantity} {$this->instrument} at market".($this->reduceOnly ? ', reduce only' : '');
    }
}
