<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

use Brick\Math\BigDecimal;
use DateTimeImmutable;

/** The meaning of one message, before any route or account has looked at it. */
final readonly class Signal
{
    private const TIME = 'Y-m-d\TH:i:s.vp';

    /**
     * @param  list<Target>  $targets
     * @param  list<string>  $accounts  The route's own labels of the accounts that it is for; empty: all.
     */
    public function __construct(
        public Action $action,
        /** The chart's ticker, as the message writes it; null: all symbols, for a cancel or flatten. */
        public ?string $symbol,
        /** For a set, null is flat. */
        public ?Side $side = null,
        public ?AskedSize $size = null,
        public ?ChartPosition $position = null,
        /** The chart's price when the alert fired, in the instrument's quote currency. */
        public ?BigDecimal $price = null,
        public ?string $label = null,
        public ?DateTimeImmutable $firedAt = null,
        /** The sender's own id: a second message with the same one is the same message. */
        public ?string $id = null,
        /** Percent of the position that an exit closes; null: all of it, or the size. */
        public ?BigDecimal $share = null,
        public ?Distance $limit = null,
        /** Where a stop order becomes active. */
        public ?Distance $trigger = null,
        public ?Distance $stop = null,
        public array $targets = [],
        public ?Trailing $trailing = null,
        /** A cancel of every resting order. */
        public bool $all = false,
        public array $accounts = [],
        public ?DateTimeImmutable $expiresAt = null,
        /** Code of the alert slip that the message was made for. */
        public ?string $slip = null,
    ) {}

    /**
     * What the chart's script holds after its order, in the unit of the order: on a reversal the order is larger, as it closes
     * the old position too, and on an add it is smaller. Null when the message does not say, or counts in no units.
     */
    public function heldAfter(): ?AskedSize
    {
        $held = $this->position?->size;
        $isCounted = $this->size !== null && in_array($this->size->unit, [SizeUnit::Units, SizeUnit::Lots, SizeUnit::Contracts], true);

        return $isCounted && $held !== null && $held->isPositive() ? AskedSize::of($held, $this->size->unit) : null;
    }

    /** The same, about one symbol: what a signal about all of them means for each. */
    public function about(string $symbol): self
    {
        return $this->copy($symbol, $this->slip);
    }

    /** The same, told to be of an alert slip. */
    public function ofSlip(string $code): self
    {
        return $this->copy($this->symbol, $code);
    }

    private function copy(?string $symbol, ?string $slip): self
    {
        return new self(
            $this->action, $symbol, $this->side, $this->size, $this->position, $this->price, $this->label, $this->firedAt, $this->id, $this->share,
            $this->limit, $this->trigger, $this->stop, $this->targets, $this->trailing, $this->all, $this->accounts, $this->expiresAt, $slip,
        );
    }

    /**
     * Our own message format: what is stored with a decision, and what {@see \Wexon\Core\Reading\WexonMessage} reads back.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return array_filter([
            'do' => $this->action->value,
            'side' => $this->side->value ?? ($this->action === Action::Set ? 'flat' : null),
            'symbol' => $this->symbol,
            'all' => $this->all ? true : null,
            'size' => $this->size?->toArray(),
            'share' => self::text($this->share),
            'limit' => $this->limit?->toArray(),
            'trigger' => $this->trigger?->toArray(),
            'stop' => $this->stop?->toArray(),
            'targets' => $this->targets === [] ? null : array_map(static fn (Target $target): array => $target->toArray(), $this->targets),
            'trailing' => $this->trailing?->toArray(),
            'position' => $this->position?->toArray(),
            'price' => self::text($this->price),
            'label' => $this->label,
            'accounts' => $this->accounts === [] ? null : $this->accounts,
            'fired_at' => $this->firedAt?->format(self::TIME),
            'expires_at' => $this->expiresAt?->format(self::TIME),
            'id' => $this->id,
            'slip' => $this->slip,
        ], static fn (mixed $value): bool => $value !== null);
    }

    private static function text(?BigDecimal $number): ?string
    {
        return $number === null ? null : (string) $number;
    }

    /** "enter long MARL/USD", "sell TUFA/USD", "cancel all". */
    public function __toString(): string
    {
        $side = $this->side->value ?? ($this->action === Action::Set ? 'flat' : null);
        $all = $this->all || $this->symbol === null ? 'all' : null;

        return implode(' ', array_filter([$this->action->value, $side, $all, $this->symbol], is_string(...)));
    }
}
