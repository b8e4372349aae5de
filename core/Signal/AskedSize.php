<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

use Brick\Math\BigDecimal;

/** A size as a message asks for it. */
final readonly class AskedSize
{
    private function __construct(
        /** More than zero. */
        public BigDecimal $amount,
        public SizeUnit $unit,
        /** Of money, when the message names it; otherwise the account's. */
        public ?string $currency,
    ) {}

    public static function of(BigDecimal $amount, SizeUnit $unit = SizeUnit::Units, ?string $currency = null): self
    {
        return new self($amount, $unit, $currency);
    }

    /** @return array{amount: string, unit: string, currency?: string} */
    public function toArray(): array
    {
        return ['amount' => (string) $this->amount, 'unit' => $this->unit->value] + ($this->currency === null ? [] : ['currency' => $this->currency]);
    }

    /** "3 units", "250 USD", "4%" */
    public function __toString(): string
    {
        return $this->unit === SizeUnit::Percent ? "{$this->amount}%" : $this->amount.' '.($this->currency ?? $this->unit->value);
    }
}
