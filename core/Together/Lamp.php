<?php

declare(strict_types=1);

namespace Wexon\Core\Together;

use Wexon\Core\Signal\Signal;

/**
 * One of the signals that a route waits for: lit by what opens a side, from any inlet.
 *
 * @phpstan-type LampSpec array{name: string, kind: string, inlet_id?: int|null, symbol?: string|null, label?: string|null}
 */
final readonly class Lamp
{
    private function __construct(
        public string $name,
        public LampKind $kind,
        /** Null: any. */
        private ?int $inletId,
        private ?string $symbol,
        private ?string $label,
    ) {}

    /** @param  LampSpec  $spec */
    public static function of(array $spec): self
    {
        return new self($spec['name'], LampKind::from($spec['kind']), $spec['inlet_id'] ?? null, $spec['symbol'] ?? null, $spec['label'] ?? null);
    }

    public function hears(Signal $signal, int $inletId): bool
    {
        return ($this->inletId === null || $this->inletId === $inletId)
            && ($this->symbol === null || $signal->symbol === null || mb_strtolower($this->symbol) === mb_strtolower($signal->symbol))
            && ($this->label === null || mb_strtolower($this->label) === mb_strtolower((string) $signal->label));
    }

    /** @return LampSpec */
    public function toArray(): array
    {
        return ['name' => $this->name, 'kind' => $this->kind->value] + array_filter(['inlet_id' => $this->inletId, 'symbol' => $this->symbol, 'label' => $this->label], static fn (int|string|null $value): bool => $value !== null);
    }
}
