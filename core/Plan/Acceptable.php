<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\OrderTerms;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Signal\OrderSide;

/** Whether a venue takes an order as it is meant to be sent; better said before it is sent than by the venue. */
final class Acceptable
{
    /** @throws OrderRefusal If it does not. */
    public static function refuseOthers(OrderTerms $terms, OrderSide $side, Snapshot $snapshot): void
    {
        $abilities = $snapshot->abilities;
        if (! $abilities->takes($terms->type)) {
            throw new OrderRefusal("The venue takes no {$terms->type->words()} orders; it takes ".implode(', ', array_map(static fn (OrderType $type): string => $type->words(), $abilities->orderTypes)).'.');
        }
        if ($terms->type === OrderType::Market) {
            return;
        }
        if (! in_array($terms->timeInForce, $abilities->timesInForce, true)) {
            throw new OrderRefusal("The venue takes no {$terms->timeInForce->words()} orders; it takes ".implode(', ', array_map(static fn ($time): string => $time->words(), $abilities->timesInForce)).': choose one of these in the route.');
        }
        if ($terms->postOnly && ! $abilities->postOnly) {
            throw new OrderRefusal('The venue takes no post-only orders: take that out of the route.');
        }
        self::refuseTooNear($terms, $side, $snapshot);
    }

    /** @throws OrderRefusal If a price lies nearer to the market than the venue lets one wait. */
    private static function refuseTooNear(OrderTerms $terms, OrderSide $side, Snapshot $snapshot): void
    {
        $least = $snapshot->instrument->leastDistance;
        $market = $snapshot->quote->priceFor($side);
        $price = $terms->trigger ?? $terms->limit;
        if ($price === null || $least->isZero() || $price->minus($market)->abs()->isGreaterThanOrEqualTo($least)) {
            return;
        }
        $away = $terms->trigger === null ? -$side->sign() : $side->sign();
        $possible = $market->plus($least->multipliedBy($away));

        throw new OrderRefusal("A {$side->value} {$terms->type->words()} at {$price} is {$price->minus($market)->abs()} from the market's {$market}; {$snapshot->instrument->name} wants {$least} at least: {$possible} would do.");
    }
}
