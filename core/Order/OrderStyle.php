<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Order\Price\PriceInput;
use Wexon\Core\Order\Price\PriceRule;
use Wexon\Core\Order\Price\PriceRules;

/**
 * How a route sends its entries, or its exits.
 *
 * @phpstan-import-type PriceSpec from PriceRules
 * @phpstan-import-type ChaseSpec from Chase
 * @phpstan-import-type SlicesSpec from Slices
 *
 * @phpstan-type StyleSpec array{type: string, limit?: PriceSpec, trigger?: PriceSpec, time_in_force?: string, post_only?: bool, cancel_after?: int|null, slippage?: string|null, chase?: ChaseSpec|null, slices?: SlicesSpec|null}
 */
final readonly class OrderStyle
{
    private function __construct(
        public OrderType $type,
        private ?PriceRule $limit,
        private ?PriceRule $trigger,
        public TimeInForce $timeInForce,
        public bool $postOnly,
        public ?int $cancelAfter,
        /** Percent that the market may be worse than the message's price; null: any. */
        public ?BigDecimal $slippage,
        private ?Chase $chase,
        /** Null: in one piece. */
        public ?Slices $slices,
    ) {}

    public static function market(): self
    {
        return new self(OrderType::Market, null, null, TimeInForce::Gtc, false, null, null, null, null);
    }

    /**
     * @param  StyleSpec  $spec
     *
     * @throws InvalidArgumentException If a price is missing, or two settings contradict each other.
     */
    public static function of(array $spec): self
    {
        $type = OrderType::from($spec['type']);
        $timeInForce = TimeInForce::from($spec['time_in_force'] ?? TimeInForce::Gtc->value);
        $postOnly = $spec['post_only'] ?? false;
        $slippage = isset($spec['slippage']) ? BigDecimal::of($spec['slippage']) : null;
        if ($slippage?->isNegative() === true) {
            throw new InvalidArgumentException('The largest slippage is a percentage from zero up.');
        }
        if ($postOnly && ! $timeInForce->rests()) {
            throw new InvalidArgumentException('A post-only order waits to be taken, so it cannot be one for this moment: choose one of the two.');
        }

        $limit = $type->hasLimit() ? PriceRules::of($spec['limit'] ?? throw new InvalidArgumentException("A {$type->words()} order needs to know where its limit lies.")) : null;
        $chase = isset($spec['chase']) && $type === OrderType::Limit && $limit !== null ? Chase::of($spec['chase'], $limit) : null;
        if ($chase !== null && ! $timeInForce->rests()) {
            throw new InvalidArgumentException('An order that goes after the market has to rest: it cannot be one for this moment.');
        }

        return new self(
            $type,
            $limit,
            $type->hasTrigger() ? PriceRules::of($spec['trigger'] ?? throw new InvalidArgumentException("A {$type->words()} order needs to know where its trigger lies.")) : null,
            $timeInForce,
            $postOnly,
            $spec['cancel_after'] ?? null,
            $slippage,
            $chase,
            isset($spec['slices']) ? Slices::of($spec['slices']) : null,
        );
    }

    /**
     * @param  PriceInput  $limit  For the limit.
     * @param  PriceInput  $trigger  For the trigger.
     *
     * @throws OrderRefusal If there is no price to be had.
     */
    public function terms(PriceInput $limit, PriceInput $trigger): OrderTerms
    {
        return OrderTerms::of(
            $this->limit === null ? null : $limit->toTick($this->limit->price($limit)),
            $this->trigger === null ? null : $trigger->toTick($this->trigger->price($trigger)),
            $this->timeInForce,
            $this->postOnly,
            $this->cancelAfter,
            $this->chase,
        );
    }

    /** The same waiting and posting, at prices that the message gives; they stay there. */
    public function termsAt(?BigDecimal $limit, ?BigDecimal $trigger): OrderTerms
    {
        return OrderTerms::of($limit, $trigger, $this->timeInForce, $this->postOnly, $this->cancelAfter);
    }

    /** @return StyleSpec */
    public function toArray(): array
    {
        return array_filter([
            'type' => $this->type->value,
            'limit' => $this->limit?->toArray(),
            'trigger' => $this->trigger?->toArray(),
            'time_in_force' => $this->timeInForce === TimeInForce::Gtc ? null : $this->timeInForce->value,
            'post_only' => $this->postOnly ? true : null,
            'cancel_after' => $this->cancelAfter,
            'slippage' => $this->slippage === null ? null : (string) $this->slippage,
            'chase' => $this->chase?->toSpec(),
            'slices' => $this->slices?->toArray(),
        ], static fn (mixed $value): bool => $value !== null);
    }
}
