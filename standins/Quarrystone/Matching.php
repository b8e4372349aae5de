<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use stdClass;
use Wexon\Core\Market\Quote;
use Wexon\Core\Practice\PricePath;
use Wexon\Core\Signal\OrderSide;

/**
 * Fills waiting orders. Prices are known for every moment, so nothing has to run all the time: whenever an account is
 * looked at, its orders are matched against what prices did since they were looked at last.
 */
final class Matching
{
    /** Looks at the path, at most; over a longer time they lie further apart. */
    private const MOST_LOOKS = 2_400;

    public static function catchUp(int $accountId): void
    {
        $database = Database::connection();
        $since = $database->table('orders')->where('account_id', $accountId)->where('status', 'working')->min('matched_until');
        $now = Clock::milliseconds();
        if ($since === null || intdiv((int) $since, PricePath::STEP) === intdiv($now, PricePath::STEP)) {
            return;
        }
        $database->transaction(static function () use ($accountId, $database, $now): void {
            Books::of($accountId, lock: true);
            $orders = $database->table('orders')->where('account_id', $accountId)->where('status', 'working')->orderBy('id')->get();
            foreach ($orders->groupBy('instrument') as $instrument => $waiting) {
                self::match((string) $instrument, array_values($waiting->all()), $now);
            }
            $database->table('orders')->where('account_id', $accountId)->where('status', 'working')->update(['matched_until' => $now]);
        });
    }

    /** Whether the market has come to a trigger: a buy's from below, a sell's from above. */
    public static function reaches(OrderSide $side, ?BigDecimal $trigger, Quote $quote): bool
    {
        return $trigger !== null && ($side === OrderSide::Buy ? $quote->ask->isGreaterThanOrEqualTo($trigger) : $quote->bid->isLessThanOrEqualTo($trigger));
    }

    /**
     * Those parts of a market order that a limit allows.
     *
     * @param  list<array{quantity: BigDecimal, price: BigDecimal}>  $parts
     * @return list<array{quantity: BigDecimal, price: BigDecimal}>
     */
    public static function within(array $parts, OrderSide $side, ?BigDecimal $limit): array
    {
        return array_values(array_filter($parts, static fn (array $part): bool => $limit === null
            || ($side === OrderSide::Buy ? $part['price']->isLessThanOrEqualTo($limit) : $part['price']->isGreaterThanOrEqualTo($limit))));
    }

    /** @param  list<stdClass>  $waiting */
    private static function match(string $instrument, array $waiting, int $now): void
    {
        $from = array_reduce($waiting, static fn (int $earliest, stdClass $order): int => min($earliest, (int) $order->matched_until), $now);
        $step = max(1, intdiv($now - $from, self::MOST_LOOKS * PricePath::STEP)) * PricePath::STEP;
        for ($time = $from - $from % PricePath::STEP + $step; $time <= $now && $waiting !== []; $time += $step) {
            $quote = Market::depth($instrument, $time)->quote;
            $waiting = array_values(array_filter($waiting, static fn (stdClass $order): bool => $time < $order->matched_until || ! self::settled($order, $quote, $time)));
        }
    }

    /** @return bool Whether it waits no longer. */
    private static function settled(stdClass $order, Quote $quote, int $time): bool
    {
        $side = OrderSide::from($order->side);
        $limit = $order->price === null ? null : BigDecimal::of($order->price);
        if ($order->trigger_price !== null && ! (bool) $order->triggered) {
            if (! self::reaches($side, BigDecimal::of($order->trigger_price), $quote)) {
                return false;
            }
            $order->triggered = 1;
            Database::connection()->table('orders')->where('id', $order->id)->update(['triggered' => true]);
        }
        $reached = $limit === null || ($side === OrderSide::Buy ? $quote->ask->isLessThanOrEqualTo($limit) : $quote->bid->isGreaterThanOrEqualTo($limit));

        return $reached && self::filled($order, $side, $limit, $time);
    }

    private static function filled(stdClass $order, OrderSide $side, ?BigDecimal $limit, int $time): bool
    {
        $open = BigDecimal::of($order->quantity)->minus($order->filled);
        $held = Books::of((int) $order->account_id)->holdingOf($order->instrument)->position;
        $quantity = ! (bool) $order->reduce_only ? $open : ($held->side() === $side->position()->opposite() ? BigDecimal::min($open, $held->quantity->abs()) : BigDecimal::zero());
        try {
            if ($quantity->isPositive()) {
                $parts = $limit === null ? Market::depth($order->instrument, $time)->take($side, $quantity) : [['quantity' => $quantity, 'price' => $limit]];
                Execution::fill($order, $parts, maker: $limit !== null, time: $time);
            }
            $isDone = $quantity->isEqualTo($open);
        } catch (Problem) {
            // What can no longer be paid for is cancelled, as at any venue.
            $isDone = false;
        }
        if (! $isDone) {
            Database::connection()->table('orders')->where('id', $order->id)->update(['status' => 'cancelled']);
        }

        return true;
    }
}
