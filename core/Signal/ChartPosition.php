<?php

declare(strict_types=1);

namespace Wexon\Core\Signal;

use Brick\Math\BigDecimal;

/** The position that the chart's own script holds, before and after the order it reports. Null sides mean flat. */
final readonly class ChartPosition
{
    private function __construct(
        public ?Side $before,
        public ?Side $after,
        /** Size after the order in the chart's units, never negative; null when the message does not say. */
        public ?BigDecimal $size,
    ) {}

    public static function of(?Side $before, ?Side $after, ?BigDecimal $size = null): self
    {
        return new self($before, $after, $size?->abs());
    }

    /** @return array{before: string, after: string, size?: string} */
    public function toArray(): array
    {
        return ['before' => $this->before->value ?? 'flat', 'after' => $this->after->value ?? 'flat'] + ($this->size === null ? [] : ['size' => (string) $this->size]);
    }

    public function __toString(): string
    {
        return sprintf('%s → %s', $this->before->value ?? 'flat', $this->after->value ?? 'flat');
    }
}
