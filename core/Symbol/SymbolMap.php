<?php

declare(strict_types=1);

namespace Wexon\Core\Symbol;

/** Chart ticker → instrument, at one venue: what was confirmed, by the ticker as it is or without prefix and suffix. */
final readonly class SymbolMap
{
    /** @param  array<string, string>  $links  Ticker in capitals => instrument. */
    private function __construct(private SymbolRules $rules, private array $links) {}

    /** @param  array<string, string>  $links  Ticker => instrument. */
    public static function of(SymbolRules $rules, array $links): self
    {
        return new self($rules, array_change_key_case($links, CASE_UPPER));
    }

    public function instrument(string $ticker): ?string
    {
        return $this->links[strtoupper(trim($ticker))] ?? $this->links[$this->rules->bare($ticker)] ?? null;
    }

    /** True when both are the same but for prefix and suffix. */
    public function areSame(string $ticker, string $other): bool
    {
        return $this->rules->bare($ticker) === $this->rules->bare($other);
    }
}
