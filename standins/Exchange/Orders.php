<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Illuminate\Database\UniqueConstraintViolationException;
use stdClass;
use Wexon\Core\Order\OrderType;
use Wexon\Core\Order\TimeInForce;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/** A venue's orders: placing, filling at once what can be, cancelling, finding. */
final readonly class Orders
{
    private const MOST_WORKING = 500;

    private Acceptance $acceptance;

    public function __construct(private Exchange $exchange)
    {
        $this->acceptance = new Acceptance($exchange);
    }

    /**
     * @return stdClass The order's row, with its fills in “fills”.
     *
     * @throws Problem If it cannot be taken.
     */
    public function place(int $accountId, OrderRequest $request): stdClass
    {
        try {
            $this->exchange->database->transaction(function () use ($accountId, $request): void {
                $books = Books::of($this->exchange, $accountId, lock: true);
                $now = Clock::milliseconds();
                $this->acceptance->check($books, $request, $now);
                $holding = $books->holding($request->instrument->name, $books->bookFor($request->side, $request->reduceOnly));
                $quantity = $request->reduceOnly ? $this->reducing($holding, $request->side, $request->quantity) : $request->quantity;
                $id = $this->exchange->database->table('orders')->insertGetId([
                    'account_id' => $accountId,
                    'client_id' => $request->clientId,
                    'instrument' => $request->instrument->name,
                    'side' => $request->side->value,
                    'type' => $request->type->value,
                    'quantity' => (string) $quantity,
                    'price' => $request->price === null ? null : (string) $request->price,
                    'trigger_price' => $request->trigger === null ? null : (string) $request->trigger,
                    'follows_by' => $request->followsBy === null ? null : (string) $request->followsBy,
                    'cancel_group' => $request->cancelGroup,
                    'reduce_only' => $request->reduceOnly,
                    'status' => 'working',
                    'matched_until' => $now,
                    'ends_at' => $request->timeInForce === TimeInForce::Day ? $this->exchange->closesAt($request->instrument, $now) : null,
                    'created_at' => Clock::stampOf($now),
                ]);
                $this->fillAtOnce($this->exchange->database->table('orders')->where('id', $id)->sole(), $request, $now);
            });
        } catch (UniqueConstraintViolationException) {
            throw Problem::of(409, 'duplicate_client_id', "The client id “{$request->clientId}” was used before.");
        }

        return $this->find($accountId, $request->clientId);
    }

    /** @throws Problem If it is not working. */
    public function cancel(int $accountId, string $clientId): stdClass
    {
        $order = $this->find($accountId, $clientId);
        $taken = $this->exchange->database->table('orders')->where('id', $order->id)->where('status', 'working')->update(['status' => 'cancelled']);
        if ($taken === 0) {
            throw Problem::of(409, 'not_working', "The order is {$order->status}: there is nothing to cancel.");
        }
        $order->status = 'cancelled';

        return $order;
    }

    /** @throws Problem If there is none. */
    public function find(int $accountId, string $clientId): stdClass
    {
        $order = $this->exchange->database->table('orders')->where('account_id', $accountId)->where('client_id', $clientId)->first();

        return $order === null ? throw Problem::of(404, 'unknown_order', "There is no order with the client id “{$clientId}”.") : $this->withFills($order);
    }

    /** @return list<stdClass> */
    public function working(int $accountId): array
    {
        $orders = $this->exchange->database->table('orders')->where('account_id', $accountId)->where('status', 'working')->orderBy('id')->limit(self::MOST_WORKING)->get();

        return array_values($orders->map($this->withFills(...))->all());
    }

    private function withFills(stdClass $order): stdClass
    {
        $order->fills = BigDecimal::of($order->filled)->isZero() ? [] : $this->exchange->database->table('fills')->where('order_id', $order->id)->orderBy('id')->get()->all();

        return $order;
    }

    /** @throws Problem If it would be filled though it may only wait, or cannot be paid for. */
    private function fillAtOnce(stdClass $order, OrderRequest $request, int $now): void
    {
        if ($request->type->hasTrigger()) {
            return;
        }
        $depth = $this->exchange->market->depth($order->instrument, $now);
        $parts = Matching::within($depth->take($request->side, BigDecimal::of($order->quantity)), $request->side, $request->price);
        if ($request->makerOnly && $parts !== []) {
            throw Problem::of(422, 'would_take', 'The order would be filled at once, and it may only wait.');
        }
        $filled = BigDecimal::sum(BigDecimal::zero(), ...array_column($parts, 'quantity'));
        $all = $filled->isEqualTo($order->quantity);
        if ($parts !== [] && ($all || $request->timeInForce !== TimeInForce::Fok)) {
            (new Execution($this->exchange))->fill($order, $parts, maker: false, time: $now);
        }
        if (! $all && ! ($request->timeInForce->rests() && $request->type !== OrderType::Market)) {
            $this->exchange->database->table('orders')->where('id', $order->id)->update(['status' => 'cancelled']);
        }
    }

    /**
     * The part of the quantity that makes the position smaller.
     *
     * @throws Problem If there is none.
     */
    private function reducing(Holding $holding, OrderSide $side, BigDecimal $quantity): BigDecimal
    {
        if ($holding->position->side() !== $side->position()->opposite()) {
            throw Problem::of(422, 'nothing_to_reduce', 'There is no position that this order would make smaller.');
        }

        return BigDecimal::min($quantity, $holding->position->quantity->abs());
    }
}
