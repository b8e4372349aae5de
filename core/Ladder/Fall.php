<?php

declare(strict_types=1);

namespace Wexon\Core\Ladder;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Signal\OrderSide;

/**
 * Where a ladder stands when the price has gone against it down to one point, before any of it came back.
 *
 * @phpstan-type FallArray array{price: string, filled: int, units: string, money: string, break_even: string, loss: string, bounce: string}
 */
final readonly class Fall
{
    private function __construct(
        public BigDecimal $price,
        /** Adds that are filled by then. */
        public int $filled,
        public BigDecimal $units,
        public BigDecimal $money,
        public BigDecimal $breakEven,
        /** What closing there would lose, fees of both sides included; in the quote currency, above zero. */
        public BigDecimal $loss,
        /** Percent that the price must come back from there to the break-even. */
        public BigDecimal $bounce,
    ) {}

    /**
     * @param  non-empty-list<Rung>  $rungs  The entry first.
     * @param  BigDecimal  $percent  How far the price has gone against the entry.
     */
    public static function of(array $rungs, OrderSide $side, Instrument $instrument, BigDecimal $percent): self
    {
        $price = $rungs[0]->price->multipliedBy(BigDecimal::of(100)->minus($percent->multipliedBy($side->sign())))->dividedBy(100, max(0, $instrument->tick->getScale()), RoundingMode::HALF_EVEN);
        $reached = array_values(array_filter($rungs, static fn (Rung $rung): bool => $rung->level === 0 || ($side === OrderSide::Buy ? $rung->price->isGreaterThanOrEqualTo($price) : $rung->price->isLessThanOrEqualTo($price))));
        $last = $reached[count($reached) - 1];
        $away = $last->breakEven->minus($price)->multipliedBy($side->sign());

        return new self(
            $price,
            $last->level,
            $last->total,
            $last->money,
            $last->breakEven,
            $instrument->notional($last->total, $away->abs())->multipliedBy($away->getSign())->toScale(2, RoundingMode::UP),
            $away->multipliedBy(100)->dividedBy($price, 2, RoundingMode::UP),
        );
    }

    /** @return FallArray */
    public function toArray(): array
    {
        return [
            'price' => (string) $this->price,
            'filled' => $this->filled,
            'units' => (string) $this->units,
            'money' => (string) $this->money,
            'break_even' => (string) $this->breakEven,
            'loss' => (string) $this->loss,
            'bounce' => (string) $this->bounce,
        ];
    }
}
