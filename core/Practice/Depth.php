<?php

declare(strict_types=1);

namespace Wexon\Core\Practice;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;
use Wexon\Core\Signal\OrderSide;

/**
 * How much can be traded at which price: the spread, and what lies behind the best price.
 *
 * Each level further from the middle is one spread away from the one before and holds a little more, so that a large
 * order is filled in parts at worse and worse prices.
 */
final readonly class Depth
{
    private const LEVELS = 20;

    private function __construct(
        private Instrument $instrument,
        public Quote $quote,
        /** Value that the best price holds, in the quote currency. */
        private BigDecimal $firstLevel,
    ) {}

    /**
     * @param  BigDecimal  $middle  The price of the path.
     * @param  int  $spread  In ticks, at least 1.
     */
    public static function around(Instrument $instrument, BigDecimal $middle, int $spread, BigDecimal|string $firstLevel, \DateTimeImmutable $at): self
    {
        $ticks = $middle->dividedBy($instrument->tick, 0, RoundingMode::HALF_EVEN)->minus(intdiv($spread, 2));
        $bid = BigDecimal::max(1, $ticks)->multipliedBy($instrument->tick);

        return new self($instrument, Quote::of($bid, $bid->plus($instrument->tick->multipliedBy($spread)), $at), BigDecimal::of($firstLevel));
    }

    /**
     * What a market order trades: parts from the best price on. What is left after the last level trades there too.
     *
     * @return non-empty-list<array{quantity: BigDecimal, price: BigDecimal}>
     */
    public function take(OrderSide $side, BigDecimal $quantity): array
    {
        $parts = [];
        $price = $this->quote->priceFor($side);
        $away = $this->quote->ask->minus($this->quote->bid)->multipliedBy($side->sign());
        for ($level = 1; ; $level++) {
            $there = $this->instrument->roundSizeUp($this->firstLevel->multipliedBy($level)->dividedBy($price, 18, RoundingMode::UP));
            $part = $level === self::LEVELS ? $quantity : BigDecimal::min($quantity, $there);
            $parts[] = ['quantity' => $part, 'price' => $price];
            $quantity = $quantity->minus($part);
            $next = $price->plus($away);
            if (! $quantity->isPositive()) {
                return $parts;
            }
            $price = $next->isPositive() ? $next : $price;
        }
    }
}
