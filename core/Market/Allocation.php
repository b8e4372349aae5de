<?php

declare(strict_types=1);

namespace Wexon\Core\Market;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** Money of an account that is set aside for routes, as one of them sees it. In the account's currency. */
final readonly class Allocation
{
    private function __construct(
        /** For this route; null: nothing is set aside for it, and it trades with what is free. */
        public ?BigDecimal $setAside,
        /** What this route's positions and orders bind already. */
        public BigDecimal $inUse,
        /** Set aside for other routes and not bound by them yet: not for this one. */
        public BigDecimal $others,
    ) {}

    public static function none(): self
    {
        return new self(null, BigDecimal::zero(), BigDecimal::zero());
    }

    public static function of(BigDecimal|string|null $setAside, BigDecimal|string $inUse, BigDecimal|string $others): self
    {
        return new self($setAside === null ? null : BigDecimal::of($setAside), BigDecimal::of($inUse), BigDecimal::of($others));
    }

    /** What of the free money this route may bind; never below zero. */
    public function left(BigDecimal $free): BigDecimal
    {
        $left = $free->minus($this->others);
        $left = $this->setAside === null ? $left : BigDecimal::min($left, $this->setAside->minus($this->inUse));

        return BigDecimal::max($left, 0);
    }

    /** "1200.00 USD are left of the 5000.00 USD set aside for this route" */
    public function words(BigDecimal $left, string $currency): string
    {
        $shown = static fn (BigDecimal $money): string => "{$money->toScale(2, RoundingMode::DOWN)} {$currency}";

        return match (true) {
            $this->setAside !== null => "{$shown($left)} are left of the {$shown($this->setAside)} set aside for this route, {$shown($this->inUse)} of which are in use",
            $this->others->isPositive() => "{$shown($left)} are free beside the {$shown($this->others)} that other routes have set aside",
            default => "{$shown($left)} are free",
        };
    }

    /** @return array{set_aside: string|null, in_use: string, others: string} */
    public function toArray(): array
    {
        return ['set_aside' => $this->setAside === null ? null : (string) $this->setAside, 'in_use' => (string) $this->inUse, 'others' => (string) $this->others];
    }
}
