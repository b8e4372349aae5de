<?php

declare(strict_types=1);

namespace Wexon\Core\Order\Price;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Signal\OrderSide;

/** What the price of an order can depend on. */
final readonly class PriceInput
{
    private const SCALE = 18;

    private function __construct(
        public OrderSide $side,
        public Instrument $instrument,
        public Quote $quote,
        /** The chart's price, if the message gives it. */
        public ?BigDecimal $message,
        /** Average price of the position; null when flat. */
        public ?BigDecimal $average,
        /** +1 when a positive offset makes the price higher, −1 when lower. */
        private int $away,
    ) {}

    /** For a limit: a positive offset is a better price, lower for a buy. It is rounded so that no more is paid, and no less is got. */
    public static function limit(OrderSide $side, Instrument $instrument, Quote $quote, ?BigDecimal $message, ?BigDecimal $average): self
    {
        return new self($side, $instrument, $quote, $message, $average, -$side->sign());
    }

    /** For a trigger: a positive offset is further in the order's own direction, higher for a buy. It is rounded so that it is reached no later. */
    public static function trigger(OrderSide $side, Instrument $instrument, Quote $quote, ?BigDecimal $message, ?BigDecimal $average): self
    {
        return new self($side, $instrument, $quote, $message, $average, $side->sign());
    }

    /** So many percent away from a price. */
    public function percentFrom(BigDecimal $price, BigDecimal $percent): BigDecimal
    {
        return $price->multipliedBy($percent->multipliedBy($this->away)->plus(100))->dividedBy(100, self::SCALE, RoundingMode::HALF_EVEN);
    }

    /** So many price units away from a price. */
    public function awayFrom(BigDecimal $price, BigDecimal $distance): BigDecimal
    {
        return $price->plus($distance->multipliedBy($this->away));
    }

    /**
     * To the tick, never to the trader's cost: both a buy's limit and a buy's trigger go down, those of a sell up.
     *
     * @throws OrderRefusal If nothing above zero is left.
     */
    public function toTick(BigDecimal $price): BigDecimal
    {
        $rounding = $this->side === OrderSide::Buy ? RoundingMode::FLOOR : RoundingMode::CEILING;
        $rounded = $price->dividedBy($this->instrument->tick, 0, $rounding)->multipliedBy($this->instrument->tick);
        if (! $rounded->isPositive()) {
            throw new OrderRefusal("The price of the order comes out at {$rounded}: it must be above zero.");
        }

        return $rounded;
    }
}
