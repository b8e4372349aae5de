<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

use Brick\Math\BigDecimal;
use Wexon\Core\Signal\OrderSide;

/**
 * An order of the route that is working at the venue.
 *
 * @phpstan-import-type TermsArray from OrderTerms
 *
 * @phpstan-type WorkingArray array{client_id: string, role: string, label: string|null, side: string, quantity: string, filled: string, terms: TermsArray}
 */
final readonly class WorkingOrder
{
    public function __construct(
        public string $clientId,
        public OrderRole $role,
        public ?string $label,
        public OrderSide $side,
        public BigDecimal $quantity,
        public BigDecimal $filled,
        public OrderTerms $terms,
    ) {}

    /** @param  WorkingArray  $stored */
    public static function fromArray(array $stored): self
    {
        return new self(
            $stored['client_id'],
            OrderRole::from($stored['role']),
            $stored['label'],
            OrderSide::from($stored['side']),
            BigDecimal::of($stored['quantity']),
            BigDecimal::of($stored['filled']),
            OrderTerms::fromArray($stored['terms']),
        );
    }

    public function hasLabel(?string $label): bool
    {
        return $label !== null && $this->label !== null && mb_strtolower($label) === mb_strtolower($this->label);
    }

    /** @return WorkingArray */
    public function toArray(): array
    {
        return [
            'client_id' => $this->clientId,
            'role' => $this->role->value,
            'label' => $this->label,
            'side' => $this->side->value,
            'quantity' => (string) $this->quantity,
            'filled' => (string) $this->filled,
            'terms' => $this->terms->toArray(),
        ];
    }

    /** "buy 2 at limit 38.20 (step 7)" */
    public function __toString(): string
    {
        return "{$this->side->value} {$this->quantity} {$this->terms}".($this->label === null ? '' : " ({$this->label})");
    }
}
