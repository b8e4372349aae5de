<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Brick\Math\BigDecimal;
use Wexon\Core\Order\OrderRole;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Signal\OrderSide;

/**
 * An order to be sent: everything but the account and the client order id.
 *
 * @phpstan-import-type ChaseArray from \Wexon\Core\Order\Chase
 *
 * @phpstan-type TicketArray array{number: int, role: string, label: string|null, instrument: string, side: string, quantity: string, reduce_only: bool, after: int, watched?: bool, exclusive?: bool, type: string, limit: string|null, trigger: string|null, time_in_force: string, post_only: bool, cancel_after: int|null, chase?: ChaseArray|null}
 */
final readonly class Ticket
{
    private function __construct(
        /** 1 for the first of a decision; the next goes out when the one before is filled. */
        public int $number,
        public OrderRole $role,
        public string $instrument,
        public OrderSide $side,
        /** Units, a multiple of the lot step. */
        public BigDecimal $quantity,
        /** True when it may only make a position smaller. */
        public bool $reduceOnly,
        public OrderTerms $terms,
        /** The name that a resting order can be cancelled by. */
        public ?string $label,
        /** Seconds after the decision; 0: at once. */
        public int $after,
        /** Kept back until the market is at its limit, and sent then. */
        public bool $watched = false,
        /** One of several of which the venue cancels the others when one is filled. */
        public bool $exclusive = false,
    ) {}

    public static function of(OrderRole $role, string $instrument, OrderSide $side, BigDecimal $quantity, OrderTerms $terms, bool $reduceOnly = false, ?string $label = null): self
    {
        return new self(1, $role, $instrument, $side, $quantity->stripTrailingZeros(), $reduceOnly || $role === OrderRole::Exit, $terms, $label, 0);
    }

    public static function market(int $number, string $instrument, OrderSide $side, BigDecimal $quantity, bool $reduceOnly): self
    {
        return self::of($reduceOnly ? OrderRole::Exit : OrderRole::Entry, $instrument, $side, $quantity, OrderTerms::market())->numbered($number);
    }

    public function numbered(int $number): self
    {
        return $this->with(number: $number);
    }

    /** The same, so many seconds later. */
    public function later(int $seconds): self
    {
        return $this->with(after: $this->after + $seconds);
    }

    public function watched(): self
    {
        return $this->with(watched: true);
    }

    public function exclusive(): self
    {
        return $this->with(exclusive: true);
    }

    private function with(?int $number = null, ?int $after = null, ?bool $watched = null, ?bool $exclusive = null): self
    {
        return new self(
            $number ?? $this->number, $this->role, $this->instrument, $this->side, $this->quantity, $this->reduceOnly, $this->terms, $this->label,
            $after ?? $this->after, $watched ?? $this->watched, $exclusive ?? $this->exclusive,
        );
    }

    /** @return TicketArray */
    public function toArray(): array
    {
        return [
            'number' => $this->number,
            'role' => $this->role->value,
            'label' => $this->label,
            'instrument' => $this->instrument,
            'side' => $this->side->value,
            'quantity' => (string) $this->quantity,
            'reduce_only' => $this->reduceOnly,
            'after' => $this->after,
            ...$this->terms->toArray(),
        ] + ($this->watched ? ['watched' => true] : []) + ($this->exclusive ? ['exclusive' => true] : []);
    }

    /** "sell 3.2 MARL.P at market, reduce only" */
    public function __toString(): string
    {
        return "{$this->side->value} {$this->quantity} {$this->instrument} {$this->terms}".($this->reduceOnly ? ', reduce only' : '').($this->after === 0 ? '' : ", after {$this->after} s").($this->watched ? ', watched' : '');
    }
}
