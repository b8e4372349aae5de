<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Illuminate\Database\UniqueConstraintViolationException;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Position\Fill;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/** The venue's orders: placing them, filling them, finding them. */
final class Orders
{
    private const FEE_SCALE = 8;

    /**
     * @return array<string, mixed> The order as the venue tells it.
     *
     * @throws Problem If it cannot be taken.
     */
    public static function place(int $accountId, string $clientId, Instrument $instrument, OrderSide $side, BigDecimal $quantity, bool $reduceOnly): array
    {
        try {
            Database::connection()->transaction(function () use ($accountId, $clientId, $instrument, $side, $quantity, $reduceOnly): void {
                $books = Books::of($accountId, lock: true);
                $holding = $books->holdingOf($instrument->name);
                $quantity = $reduceOnly ? self::reducing($holding, $side, $quantity) : $quantity;
                $orderId = Database::connection()->table('orders')->insertGetId([
                    'account_id' => $accountId,
                    'client_id' => $clientId,
                    'instrument' => $instrument->name,
                    'side' => $side->value,
                    'quantity' => (string) $quantity,
                    'reduce_only' => $reduceOnly,
                    'created_at' => Clock::stamp(),
                ]);
                self::fill($orderId, $accountId, $books, $holding, $side, $quantity);
            });
        } catch (UniqueConstraintViolationException) {
            throw Problem::of(409, 'duplicate_client_id', "The client id “{$clientId}” was used before.");
        }

        return self::find($accountId, $clientId) ?? throw Problem::of(500, 'internal', 'The order was not kept.');
    }

    /** @return array<string, mixed>|null */
    public static function find(int $accountId, string $clientId): ?array
    {
        $database = Database::connection();
        $order = $database->table('orders')->where('account_id', $accountId)->where('client_id', $clientId)->first();
        if ($order === null) {
            return null;
        }
        $fills = $database->table('fills')->where('order_id', $order->id)->orderBy('id')->get();

        return [
            'order_id' => "Q{$order->id}",
            'client_id' => $order->client_id,
            'instrument' => $order->instrument,
            'side' => $order->side,
            'quantity' => self::plain($order->quantity),
            'status' => 'filled',
            'accepted_at' => str_replace(' ', 'T', $order->created_at).'Z',
            'fills' => $fills->map(static fn ($fill): array => [
                'fill_id' => "QF{$fill->id}",
                'quantity' => self::plain($fill->quantity),
                'price' => self::plain($fill->price),
                'fee' => self::plain($fill->fee),
                'at' => str_replace(' ', 'T', $fill->created_at).'Z',
            ])->all(),
        ];
    }

    private static function fill(int $orderId, int $accountId, Books $books, Holding $holding, OrderSide $side, BigDecimal $quantity): void
    {
        $instrument = $holding->instrument;
        $cash = $books->cash;
        $rows = [];
        foreach (Market::depth($instrument->name, Clock::milliseconds())->take($side, $quantity) as $part) {
            $fee = $instrument->notional($part['quantity'], $part['price'])->multipliedBy($instrument->takerFee)->toScale(self::FEE_SCALE, RoundingMode::UP);
            [$holding, $moved] = $holding->after(Fill::of($side, $part['quantity'], $part['price'], $fee));
            $cash = $cash->plus($moved);
            $rows[] = [
                'order_id' => $orderId,
                'account_id' => $accountId,
                'instrument' => $instrument->name,
                'side' => $side->value,
                'quantity' => (string) $part['quantity'],
                'price' => (string) $part['price'],
                'fee' => (string) $fee,
                'created_at' => Clock::stamp(),
            ];
        }
        self::refuseUnpayable($books, $holding, $cash);
        $database = Database::connection();
        $database->table('fills')->insert($rows);
        $database->table('accounts')->where('id', $accountId)->update(['cash' => (string) $cash]);
        $position = $holding->position;
        $stored = array_map(strval(...), [
            'quantity' => $position->quantity,
            'cost' => $position->cost,
            'realised' => $position->realised,
            'fees' => $position->fees,
            'open_fees' => $position->openFees,
        ]);
        $database->table('holdings')->upsert(
            ['account_id' => $accountId, 'instrument' => $instrument->name, 'leverage' => $holding->leverage->toInt(), ...$stored],
            ['account_id', 'instrument'],
            array_keys($stored),
        );
    }

    /** @throws Problem If spot would go below zero, or more money would be bound than there is. */
    private static function refuseUnpayable(Books $books, Holding $after, BigDecimal $cash): void
    {
        if ($after->isSpot() && $after->position->quantity->isNegative()) {
            throw Problem::of(422, 'not_enough_coins', "The account does not hold enough of {$after->instrument->name}.");
        }
        $mark = Market::depth($after->instrument->name, Clock::milliseconds())->quote->markFor($after->position->quantity);
        $before = $books->holdingOf($after->instrument->name);
        $free = $books->free()->minus($books->cash)->plus($cash)->minus($before->freeing($mark))->plus($after->freeing($mark));
        $binds = $after->margin()->isGreaterThan($before->margin()) || $cash->isNegative();
        if ($binds && ($free->isNegative() || $cash->isNegative())) {
            throw Problem::of(422, 'not_enough_money', 'The account has not enough free money for this order.');
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

    private static function plain(string $decimal): string
    {
        return (string) BigDecimal::of($decimal)->stripTrailingZeros();
    }
}
