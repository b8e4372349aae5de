<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

use Brick\Math\BigDecimal;

/**
 * The price side of an order: type, limit, trigger, and how long it may wait.
 *
 * @phpstan-import-type ChaseArray from Chase
 *
 * @phpstan-type TermsArray array{type: string, limit: string|null, trigger: string|null, time_in_force: string, post_only: bool, cancel_after: int|null, chase?: ChaseArray|null, follows_by?: string}
 */
final readonly class OrderTerms
{
    private function __construct(
        public OrderType $type,
        /** In the quote currency, a multiple of the tick; null where the type has none. */
        public ?BigDecimal $limit,
        public ?BigDecimal $trigger,
        public TimeInForce $timeInForce,
        /** Refused by the venue rather than filled at once, so that the maker fee is paid. */
        public bool $postOnly,
        /** Seconds after which Wexon takes it back; null: never. */
        public ?int $cancelAfter,
        /** How it goes after the market; null: it stays where it is. */
        public ?Chase $chase,
        /** Distance at which the venue itself moves a stop's trigger after the market; null: it stays where it is. */
        public ?BigDecimal $followsBy = null,
    ) {}

    public static function market(): self
    {
        return new self(OrderType::Market, null, null, TimeInForce::Ioc, false, null, null);
    }

    /** A limit, a trigger, or both make a limit, a stop or a stop-limit order; none makes a market order. */
    public static function of(?BigDecimal $limit, ?BigDecimal $trigger, TimeInForce $timeInForce = TimeInForce::Gtc, bool $postOnly = false, ?int $cancelAfter = null, ?Chase $chase = null): self
    {
        $type = match (true) {
            $limit !== null && $trigger !== null => OrderType::StopLimit,
            $trigger !== null => OrderType::Stop,
            $limit !== null => OrderType::Limit,
            default => OrderType::Market,
        };
        if ($type === OrderType::Market) {
            return self::market();
        }
        // A stop has to wait: only a plain limit order can be one for this moment.
        $plain = $type === OrderType::Limit;

        return new self($type, $limit, $trigger, $plain || $timeInForce->rests() ? $timeInForce : TimeInForce::Gtc, $plain && $postOnly, $cancelAfter, $plain && $timeInForce->rests() ? $chase : null);
    }

    /** A stop that the venue moves after the market. */
    public static function following(BigDecimal $trigger, BigDecimal $by): self
    {
        return new self(OrderType::Stop, null, $trigger, TimeInForce::Gtc, false, null, null, $by);
    }

    /** @param  TermsArray  $stored */
    public static function fromArray(array $stored): self
    {
        if (isset($stored['follows_by']) && $stored['trigger'] !== null) {
            return self::following(BigDecimal::of($stored['trigger']), BigDecimal::of($stored['follows_by']));
        }

        return self::of(
            $stored['limit'] === null ? null : BigDecimal::of($stored['limit']),
            $stored['trigger'] === null ? null : BigDecimal::of($stored['trigger']),
            TimeInForce::from($stored['time_in_force']),
            $stored['post_only'],
            $stored['cancel_after'],
            isset($stored['chase']) ? Chase::fromArray($stored['chase']) : null,
        );
    }

    /** The same with another limit, or trigger where there is no limit: an order that was moved by hand, and goes after nothing any more. */
    public function movedTo(BigDecimal $price): self
    {
        return $this->type === OrderType::Stop
            ? self::of(null, $price, $this->timeInForce, $this->postOnly, $this->cancelAfter)
            : self::of($price, $this->trigger, $this->timeInForce, $this->postOnly, $this->cancelAfter);
    }

    /** Whether the venue may keep it working. */
    public function rests(): bool
    {
        return $this->type !== OrderType::Market && $this->timeInForce->rests();
    }

    /** Two stops that follow the market at the same distance are the same, wherever their triggers have come to. */
    public function isSameAs(self $other): bool
    {
        if ($this->followsBy !== null || $other->followsBy !== null) {
            return $this->isSamePrice($this->followsBy, $other->followsBy);
        }

        return $this->type === $other->type && $this->isSamePrice($this->limit, $other->limit) && $this->isSamePrice($this->trigger, $other->trigger);
    }

    /** The price that money is reserved at while it rests. */
    public function reservedAt(BigDecimal $market): BigDecimal
    {
        return $this->limit ?? $this->trigger ?? $market;
    }

    /** @return TermsArray */
    public function toArray(): array
    {
        return [
            'type' => $this->type->value,
            'limit' => $this->limit === null ? null : (string) $this->limit,
            'trigger' => $this->trigger === null ? null : (string) $this->trigger,
            'time_in_force' => $this->timeInForce->value,
            'post_only' => $this->postOnly,
            'cancel_after' => $this->cancelAfter,
            'chase' => $this->chase?->toArray(),
        ] + ($this->followsBy === null ? [] : ['follows_by' => (string) $this->followsBy]);
    }

    /** "at market", "at limit 38.20, post only", "at stop 41.00, limit 41.20" */
    public function __toString(): string
    {
        $price = match ($this->type) {
            OrderType::Market => 'at market',
            OrderType::Limit => "at limit {$this->limit}",
            OrderType::Stop => "at stop {$this->trigger}",
            OrderType::StopLimit => "at stop {$this->trigger}, limit {$this->limit}",
        };
        $also = array_filter([
            $this->type !== OrderType::Market && $this->timeInForce !== TimeInForce::Gtc ? $this->timeInForce->words() : '',
            $this->postOnly ? 'post only' : '',
            $this->cancelAfter === null ? '' : "for {$this->cancelAfter} s",
            (string) $this->chase,
            $this->followsBy === null ? '' : "following by {$this->followsBy}",
        ], static fn (string $word): bool => $word !== '');

        return implode(', ', [$price, ...$also]);
    }

    private function isSamePrice(?BigDecimal $left, ?BigDecimal $right): bool
    {
        return $left === null || $right === null ? $left === $right : $left->isEqualTo($right);
    }
}
