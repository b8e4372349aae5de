<?php

declare(strict_types=1);

namespace Wexon\Core\Market;

use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;

/**
 * What a venue can do with an order.
 *
 * @phpstan-type AbilitiesArray array{order_types: list<string>, times_in_force: list<string>, post_only: bool, sets_leverage: bool, cancels_others?: bool, follows?: bool}
 */
final readonly class Abilities
{
    /**
     * @param  list<OrderType>  $orderTypes
     * @param  list<TimeInForce>  $timesInForce  Of limit orders.
     */
    private function __construct(
        public array $orderTypes,
        public array $timesInForce,
        public bool $postOnly,
        /** Whether leverage can be set from outside, for each instrument. */
        public bool $setsLeverage,
        /** Whether it takes a stop and a target of which one cancels the other. */
        public bool $cancelsOthers = false,
        /** Whether it moves a stop after the market by itself. */
        public bool $follows = false,
    ) {}

    /**
     * @param  list<OrderType>  $orderTypes
     * @param  list<TimeInForce>  $timesInForce
     */
    public static function of(array $orderTypes, array $timesInForce, bool $postOnly, bool $setsLeverage): self
    {
        return new self($orderTypes, $timesInForce, $postOnly, $setsLeverage);
    }

    /** Every order type, without end or for this moment; no day orders. */
    public static function usual(): self
    {
        return new self(OrderType::cases(), [TimeInForce::Gtc, TimeInForce::Ioc, TimeInForce::Fok], true, true);
    }

    /** The same, and it keeps a stop and a target together, and stops that follow the market. */
    public function keepingProtection(): self
    {
        return new self($this->orderTypes, $this->timesInForce, $this->postOnly, $this->setsLeverage, true, true);
    }

    /** @param  AbilitiesArray  $stored */
    public static function fromArray(array $stored): self
    {
        return new self(array_map(OrderType::from(...), $stored['order_types']), array_map(TimeInForce::from(...), $stored['times_in_force']), $stored['post_only'], $stored['sets_leverage'], $stored['cancels_others'] ?? false, $stored['follows'] ?? false);
    }

    public function takes(OrderType $type): bool
    {
        return in_array($type, $this->orderTypes, true);
    }

    /** @return AbilitiesArray */
    public function toArray(): array
    {
        return [
            'order_types' => array_map(static fn (OrderType $type): string => $type->value, $this->orderTypes),
            'times_in_force' => array_map(static fn (TimeInForce $time): string => $time->value, $this->timesInForce),
            'post_only' => $this->postOnly,
            'sets_leverage' => $this->setsLeverage,
        ] + ($this->cancelsOthers ? ['cancels_others' => true] : []) + ($this->follows ? ['follows' => true] : []);
    }
}
