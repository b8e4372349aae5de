<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Symfony\Component\HttpFoundation\InputBag;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Signal\OrderSide;

/** An order as a client asks for it, held against the venue's rules. */
final readonly class OrderRequest
{
    private const TYPES = ['market' => OrderType::Market, 'limit' => OrderType::Limit, 'stop' => OrderType::Stop, 'stop_limit' => OrderType::StopLimit];

    private const VALID = ['until_cancelled', 'immediate', 'complete'];

    private function __construct(
        public string $clientId,
        public Instrument $instrument,
        public OrderSide $side,
        public OrderType $type,
        public BigDecimal $quantity,
        public ?BigDecimal $price,
        public ?BigDecimal $trigger,
        /** until_cancelled; immediate: what cannot be filled at once is cancelled; complete: all at once or nothing. */
        public string $valid,
        public bool $makerOnly,
        public bool $reduceOnly,
    ) {}

    /**
     * @param  InputBag<bool|float|int|string|null>  $body
     *
     * @throws Problem If something in it will not do.
     */
    public static function of(InputBag $body): self
    {
        $clientId = (string) $body->get('client_id');
        if (preg_match('/^[A-Za-z0-9_-]{1,40}$/', $clientId) !== 1) {
            throw Problem::of(422, 'bad_client_id', 'client_id takes 1 to 40 letters, digits, dashes or underscores.');
        }
        $type = self::TYPES[(string) $body->get('type')] ?? throw Problem::of(422, 'bad_type', 'type is one of '.implode(', ', array_keys(self::TYPES)).'.');
        $instrument = Market::instrument((string) $body->get('instrument'));
        $valid = (string) $body->get('valid', 'until_cancelled');
        if (! in_array($valid, self::VALID, true)) {
            throw Problem::of(422, 'bad_valid', 'valid is one of '.implode(', ', self::VALID).'.');
        }

        return new self(
            $clientId,
            $instrument,
            OrderSide::tryFrom((string) $body->get('side')) ?? throw Problem::of(422, 'bad_side', 'side is “buy” or “sell”.'),
            $type,
            self::stepped($body, 'quantity', $instrument->lotStep),
            $type->hasLimit() ? self::stepped($body, 'price', $instrument->tick) : null,
            $type->hasTrigger() ? self::stepped($body, 'trigger_price', $instrument->tick) : null,
            $valid,
            $body->getBoolean('maker_only'),
            $body->getBoolean('reduce_only'),
        );
    }

    /** @param  InputBag<bool|float|int|string|null>  $body */
    private static function stepped(InputBag $body, string $field, BigDecimal $step): BigDecimal
    {
        try {
            $number = BigDecimal::of((string) $body->get($field));
        } catch (MathException) {
            throw Problem::of(422, "bad_{$field}", "{$field} is a decimal number in text.");
        }
        if (! $number->isPositive() || ! $number->remainder($step)->isZero()) {
            throw Problem::of(422, "bad_{$field}", "{$field} is above zero and in steps of {$step}.");
        }

        return $number;
    }
}
