<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Signal\OrderSide;

/** An order as a client asks for it, in whichever words its venue has for that. */
final readonly class OrderRequest
{
    public function __construct(
        public string $clientId,
        public Instrument $instrument,
        public OrderSide $side,
        public OrderType $type,
        public BigDecimal $quantity,
        public ?BigDecimal $price,
        public ?BigDecimal $trigger,
        public TimeInForce $timeInForce,
        /** Refused when it would be filled at once. */
        public bool $makerOnly,
        /** Only makes a position smaller. */
        public bool $reduceOnly,
        /** Distance at which a stop's trigger follows the market; null: it stays. */
        public ?BigDecimal $followsBy = null,
        /** When one order of a group is filled, the others are cancelled. */
        public ?string $cancelGroup = null,
    ) {}

    /** @throws Problem If it is not made of letters, digits, dashes and underscores. */
    public static function clientId(string $given, string $field): string
    {
        return preg_match('/^[A-Za-z0-9_-]{1,40}$/', $given) === 1 ? $given
            : throw Problem::of(422, "bad_{$field}", "{$field} takes 1 to 40 letters, digits, dashes or underscores.");
    }

    /** @throws Problem If it is no number above zero in steps. */
    public static function stepped(string $given, string $field, BigDecimal $step): BigDecimal
    {
        try {
            $number = BigDecimal::of($given);
        } catch (MathException) {
            throw Problem::of(422, "bad_{$field}", "{$field} is a decimal number in text.");
        }
        if (! $number->isPositive() || ! $number->remainder($step)->isZero()) {
            throw Problem::of(422, "bad_{$field}", "{$field} is above zero and in steps of {$step}.");
        }

        return $number;
    }
}
