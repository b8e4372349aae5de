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
    ) {}

    public static function of(BigDecimal $amount, SizeUnit $unit = SizeUnit::Units): self
    {
        return new self($amount, $unit);
    }

    public function __toString(): string
    {
        return $this->amount.' '.$this->unit->value;
    }
}
