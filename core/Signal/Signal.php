<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/** The meaning of one message, before any route or account has looked at it. */
final readonly class Signal
{
    public function __construct(
        public Action $action,
        /** The chart's ticker, as the message writes it. */
        public string $symbol,
        public ?Side $side = null,
        public ?AskedSize $size = null,
        public ?ChartPosition $position = null,
        /** The chart's price when the alert fired, in the instrument's quote currency. */
        public ?BigDecimal $price = null,
        public ?string $label = null,
        public ?DateTimeImmutable $firedAt = null,
        /** The sender's own id: a second message with the same one is the same message. */
        public ?string $id = null,
    ) {}

    /**
     * Our own message format: what is stored with a decision, and what {@see \Wexon\Core\Reading\WexonMessage} reads back.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return array_filter([
            'do' => $this->action->value,
            'side' => $this->side?->value,
            'symbol' => $this->symbol,
            'size' => $this->size === null ? null : ['amount' => (string) $this->size->amount, 'unit' => $this->size->unit->value],
            'position' => $this->position === null ? null : array_filter([
                'before' => $this->position->before->value ?? 'flat',
                'after' => $this->position->after->value ?? 'flat',
                'size' => $this->position->size === null ? null : (string) $this->position->size,
            ], static fn (?string $value): bool => $value !== null),
            'price' => $this->price === null ? null : (string) $this->price,
            'label' => $this->label,
            'fired_at' => $this->firedAt?->format('Y-m-d\TH:i:s.vp'),
            'id' => $this->id,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** "enter long MARL/USD", "sell TUFA/USD". */
    public function __toString(): string
    {
        return implode(' ', array_filter([$this->action->value, $this->side?->value, $this->symbol], is_string(...)));
    }
}
