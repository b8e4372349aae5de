<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;

/**
 * A target of an open position.
 *
 * @phpstan-type TargetStateArray array{number: int, price: string, left: string, sent: bool}
 */
final readonly class TargetState
{
    public function __construct(
        /** From 1 up; it keeps it when those before are done. */
        public int $number,
        /** In the quote currency, a multiple of the tick. */
        public BigDecimal $price,
        /** What is left of its share, in percent of the first whole. */
        public BigDecimal $left,
        /** Whether its exit is on the way. */
        public bool $sent = false,
    ) {}

    /** @param  TargetStateArray  $stored */
    public static function fromArray(array $stored): self
    {
        return new self($stored['number'], BigDecimal::of($stored['price']), BigDecimal::of($stored['left']), $stored['sent']);
    }

    public function at(BigDecimal $price): self
    {
        return new self($this->number, $price, $this->left, $this->sent);
    }

    public function withLeft(BigDecimal $left): self
    {
        return new self($this->number, $this->price, BigDecimal::max($left, 0), false);
    }

    public function sent(bool $sent): self
    {
        return new self($this->number, $this->price, $this->left, $sent);
    }

    /** @return TargetStateArray */
    public function toArray(): array
    {
        return ['number' => $this->number, 'price' => (string) $this->price, 'left' => (string) $this->left, 'sent' => $this->sent];
    }
}
