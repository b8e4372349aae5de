<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;

/** Something to be closed at market now. */
final readonly class Closing
{
    private function __construct(
        /** "stop", "target 2", "trail", "clock" … */
        public string $reason,
        /** Units; never more than is held. */
        public BigDecimal $quantity,
        public ?int $target,
    ) {}

    public static function all(string $reason, BigDecimal $quantity): self
    {
        return new self($reason, $quantity, null);
    }

    public static function target(int $number, BigDecimal $quantity): self
    {
        return new self("target {$number}", $quantity, $number);
    }

    /** "close 5: target 1" */
    public function __toString(): string
    {
        return "close {$this->quantity->stripTrailingZeros()}: {$this->reason}";
    }
}
