<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Illuminate\Database\Query\Builder;
use stdClass;
use Wexon\Core\Market\Quote;
use Wexon\Core\Practice\PricePath;
use Wexon\Core\Signal\OrderSide;

/**
 * Fills waiting orders. Prices are known for every moment, so nothing has to run all the time: whenever an account is
 * looked at, its orders are matched against what prices did since they were looked at last.
 */
final readonly class Matching
{
    /** Looks at the path, at most; over a longer time they lie further apart. */
    private const MOST_LOOKS = 2_400;

    public function __construct(private Exchange $exchange) {}

    public function catchUp(int $accountId): void
    {
        $working = fn () => $this->exchange->database->table('orders')->where('account_id', $accountId)->where('status', 'working');
        $since = $working()->min('matched_until');
        $now = Clock::milliseconds();
        if ($since === null || intdiv(PracticeClock::shared()->at((int) $since), PricePath::STEP) === intdiv(PracticeClock::shared()->at($now), PricePath::STEP)) {
            return;
        }
        $this->exchange->database->transaction(function () use ($accountId, $working, $now): void {
            Books::of($this->exchange, $accountId, lock: true);
            foreach ($working()->orderBy('id')->get()->groupBy('instrument') as $instrument => $waiting) {
                $this->match((string) $instrument, array_values($waiting->all()), $now);
            }
            $working()->where('ends_at', '<=', $now)->update(['status' => 'cancelled']);
            $working()->update(['matched_until' => $now]);
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
    private function match(string $name, array $waiting, int $now): void
    {
        $instrument = $this->exchange->market->instrument($name);
        $from = array_reduce($waiting, static fn (int $earliest, stdClass $order): int => min($earliest, (int) $order->matched_until), $now);
        $every = max(1, intdiv(PricePath::STEP, PracticeClock::shared()->rate($now)));
        $step = max(1, intdiv($now - $from, self::MOST_LOOKS * $every)) * $every;
        for ($time = $from - $from % $every + $step; $time <= $now && $waiting !== []; $time += $step) {
            if (! $this->exchange->isOpen($instrument, $time)) {
                continue;
            }
            $quote = $this->exchange->quote($name, $time);
            $waiting = array_values(array_filter($waiting, fn (stdClass $order): bool => $this->sleeps($order, $time) || ! $this->settled($order, $quote, $time)));
        }
    }

    /** Whether an order was not there yet at a time, or no longer. */
    private function sleeps(stdClass $order, int $time): bool
    {
        return $time < $order->matched_until || ($order->ends_at !== null && $time >= $order->ends_at);
    }

    /** @return bool Whether it waits no longer. */
    private function settled(stdClass $order, Quote $quote, int $time): bool
    {
        $side = OrderSide::from($order->side);
        $limit = $order->price === null ? null : BigDecimal::of($order->price);
        if ($order->trigger_price !== null && ! (bool) $order->triggered) {
            $this->follow($order, $side, $quote);
            if (! self::reaches($side, BigDecimal::of($order->trigger_price), $quote)) {
                return false;
            }
            $order->triggered = 1;
            $this->orders($order)->update(['triggered' => true]);
        }
        $reached = $limit === null || $quote->reaches($side, $limit);

        return $reached && ($this->isCancelled($order) || $this->filled($order, $side, $limit, $time));
    }

    /** A trigger that follows the market is never further from it than its distance. */
    private function follow(stdClass $order, OrderSide $side, Quote $quote): void
    {
        if ($order->follows_by === null) {
            return;
        }
        $closest = $quote->markFor(BigDecimal::of(-$side->sign()))->plus(BigDecimal::of($order->follows_by)->multipliedBy($side->sign()));
        if ($closest->minus($order->trigger_price)->multipliedBy($side->sign())->isNegative()) {
            $order->trigger_price = (string) $closest;
            $this->orders($order)->update(['trigger_price' => (string) $closest]);
        }
    }

    private function isCancelled(stdClass $order): bool
    {
        return $order->cancel_group !== null && $this->orders($order)->value('status') === 'cancelled';
    }

    /** @return bool Whether it waits no longer. A limit is filled with what the market has at that price, and the rest goes on waiting. */
    private function filled(stdClass $order, OrderSide $side, ?BigDecimal $limit, int $time): bool
    {
        $open = BigDecimal::of($order->quantity)->minus($order->filled);
        $books = Books::of($this->exchange, (int) $order->account_id);
        $held = $books->holding($order->instrument, $books->bookFor($side, (bool) $order->reduce_only))->position;
        $quantity = ! (bool) $order->reduce_only ? $open : ($held->side() === $side->position()->opposite() ? BigDecimal::min($open, $held->quantity->abs()) : BigDecimal::zero());
        try {
            if ($quantity->isPositive()) {
                $parts = $this->exchange->market->depth($order->instrument, $time)->take($side, $quantity);
                $there = BigDecimal::sum(BigDecimal::zero(), ...array_column(self::within($parts, $side, $limit), 'quantity'));
                (new Execution($this->exchange))->fill($order, $limit === null ? $parts : [['quantity' => $there, 'price' => $limit]], maker: $limit !== null, time: $time);
                $order->filled = (string) BigDecimal::of($order->filled)->plus($limit === null ? $quantity : $there);
                if ($limit !== null && $there->isLessThan($quantity)) {
                    return false;
                }
            }
            $isDone = $quantity->isEqualTo($open);
        } catch (Problem) {
            // What can no longer be paid for is cancelled, as at any venue.
            $isDone = false;
        }
        if (! $isDone) {
            $this->orders($order)->update(['status' => 'cancelled']);
        }

        return true;
    }

    private function orders(stdClass $order): Builder
    {
        return $this->exchange->database->table('orders')->where('id', $order->id);
    }
}
