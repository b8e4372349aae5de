<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Illuminate\Database\UniqueConstraintViolationException;
use stdClass;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/** The venue's orders: placing, filling at once what can be, cancelling, finding. */
final class Orders
{
    private const MOST_WORKING = 500;

    /**
     * @return array<string, mixed> The order as the venue tells it.
     *
     * @throws Problem If it cannot be taken.
     */
    public static function place(int $accountId, OrderRequest $request): array
    {
        try {
            Database::connection()->transaction(static function () use ($accountId, $request): void {
                $books = Books::of($accountId, lock: true);
                self::refuseUncovered($books, $request);
                $holding = $books->holdingOf($request->instrument->name);
                $quantity = $request->reduceOnly ? self::reducing($holding, $request->side, $request->quantity) : $request->quantity;
                $now = Clock::milliseconds();
                $id = Database::connection()->table('orders')->insertGetId([
                    'account_id' => $accountId,
                    'client_id' => $request->clientId,
                    'instrument' => $request->instrument->name,
                    'side' => $request->side->value,
                    'type' => $request->type->value,
                    'quantity' => (string) $quantity,
                    'price' => $request->price === null ? null : (string) $request->price,
                    'trigger_price' => $request->trigger === null ? null : (string) $request->trigger,
                    'reduce_only' => $request->reduceOnly,
                    'status' => 'working',
                    'matched_until' => $now,
                    'created_at' => Clock::stampOf($now),
                ]);
                self::fillAtOnce(self::row($id), $request, $now);
            });
        } catch (UniqueConstraintViolationException) {
            throw Problem::of(409, 'duplicate_client_id', "The client id “{$request->clientId}” was used before.");
        }

        return self::find($accountId, $request->clientId) ?? throw Problem::of(500, 'internal', 'The order was not kept.');
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Problem If it is not working.
     */
    public static function cancel(int $accountId, string $clientId): array
    {
        $order = self::find($accountId, $clientId) ?? throw Problem::of(404, 'unknown_order', "There is no order with the client id “{$clientId}”.");
        $taken = Database::connection()->table('orders')->where('account_id', $accountId)->where('client_id', $clientId)->where('status', 'working')->update(['status' => 'cancelled']);
        if ($taken === 0) {
            throw Problem::of(409, 'not_working', "The order is {$order['status']}: there is nothing to cancel.");
        }

        return ['status' => 'cancelled'] + $order;
    }

    /** @return array<string, mixed>|null */
    public static function find(int $accountId, string $clientId): ?array
    {
        $order = Database::connection()->table('orders')->where('account_id', $accountId)->where('client_id', $clientId)->first();

        return $order === null ? null : OrderAnswer::of($order);
    }

    /** @return list<array<string, mixed>> */
    public static function working(int $accountId): array
    {
        $orders = Database::connection()->table('orders')->where('account_id', $accountId)->where('status', 'working')->orderBy('id')->limit(self::MOST_WORKING)->get();

        return array_values($orders->map(OrderAnswer::of(...))->all());
    }

    private static function row(int $id): stdClass
    {
        return Database::connection()->table('orders')->where('id', $id)->sole();
    }

    /** @throws Problem If it would be filled though it may only wait, or cannot be paid for. */
    private static function fillAtOnce(stdClass $order, OrderRequest $request, int $now): void
    {
        $depth = Market::depth($order->instrument, $now);
        if ($request->type->hasTrigger()) {
            if (Matching::reaches($request->side, $request->trigger, $depth->quote)) {
                throw Problem::of(422, 'would_trigger', 'The trigger price is reached already.');
            }

            return;
        }
        $parts = Matching::within($depth->take($request->side, BigDecimal::of($order->quantity)), $request->side, $request->price);
        if ($request->makerOnly && $parts !== []) {
            throw Problem::of(422, 'would_take', 'The order would be filled at once, and maker_only is set.');
        }
        $filled = BigDecimal::sum(BigDecimal::zero(), ...array_column($parts, 'quantity'));
        $all = $filled->isEqualTo($order->quantity);
        if ($parts !== [] && ($all || $request->valid !== 'complete')) {
            Execution::fill($order, $parts, maker: false, time: $now);
        }
        if (! $all && $request->valid !== 'until_cancelled') {
            Database::connection()->table('orders')->where('id', $order->id)->update(['status' => 'cancelled']);
        }
    }

    /** @throws Problem If a waiting order has no money or coins behind it. */
    private static function refuseUncovered(Books $books, OrderRequest $request): void
    {
        if ($request->type === OrderType::Market || $request->reduceOnly) {
            return;
        }
        $reserved = Reserved::of($books);
        if (! $reserved->covers($request)) {
            throw Problem::of(422, 'not_enough_money', 'The account has not enough free money or coins for this order beside those that are waiting.');
        }
    }

    /**
     * The part of the quantity that makes the position smaller.
     *
     * @throws Problem If there is none.
     */
    private static function reducing(Holding $holding, OrderSide $side, BigDecimal $quantity): BigDecimal
    {
        if ($holding->position->side() !== $side->position()->opposite()) {
            throw Problem::of(422, 'nothing_to_reduce', 'reduce_only is set, but there is no position that this order would make smaller.');
        }

        return BigDecimal::min($quantity, $holding->position->quantity->abs());
    }
}
