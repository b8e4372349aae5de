<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use stdClass;
use Wexon\Core\Position\Fill;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/** Fills orders: moves money and holdings, and writes the fills down. The account is locked by whoever calls. */
final class Execution
{
    private const FEE_SCALE = 8;

    /**
     * @param  list<array{quantity: BigDecimal, price: BigDecimal}>  $parts
     * @param  bool  $maker  Whether the order waited to be taken.
     *
     * @throws Problem If it cannot be paid for.
     */
    public static function fill(stdClass $order, array $parts, bool $maker, int $time): void
    {
        Database::connection()->transaction(static fn () => self::book($order, $parts, $maker, $time));
    }

    /** @param  list<array{quantity: BigDecimal, price: BigDecimal}>  $parts */
    private static function book(stdClass $order, array $parts, bool $maker, int $time): void
    {
        $books = Books::of((int) $order->account_id);
        $before = $holding = $books->holdingOf($order->instrument);
        $side = OrderSide::from($order->side);
        $rate = $maker ? Market::makerFee($order->instrument) : $holding->instrument->takerFee;
        $cash = $books->cash;
        $rows = [];
        $filled = BigDecimal::of($order->filled);
        foreach ($parts as $part) {
            $fee = $holding->instrument->notional($part['quantity'], $part['price'])->multipliedBy($rate)->toScale(self::FEE_SCALE, RoundingMode::UP);
            [$holding, $moved] = $holding->after(Fill::of($side, $part['quantity'], $part['price'], $fee));
            $cash = $cash->plus($moved);
            $filled = $filled->plus($part['quantity']);
            $rows[] = [
                'order_id' => $order->id,
                'account_id' => $order->account_id,
                'instrument' => $order->instrument,
                'side' => $order->side,
                'quantity' => (string) $part['quantity'],
                'price' => (string) $part['price'],
                'fee' => (string) $fee,
                'created_at' => Clock::stampOf($time),
            ];
        }
        // What the order kept aside is let go first: the fill takes its place.
        $database = Database::connection();
        $database->table('orders')->where('id', $order->id)->update(['filled' => (string) $filled, 'status' => $filled->isEqualTo($order->quantity) ? 'filled' : 'working']);
        self::refuseUnpayable($books, $before, $holding, $cash);
        $database->table('fills')->insert($rows);
        $database->table('accounts')->where('id', $order->account_id)->update(['cash' => (string) $cash]);
        self::keep((int) $order->account_id, $holding);
    }

    private static function keep(int $accountId, Holding $holding): void
    {
        $position = $holding->position;
        $stored = array_map(strval(...), [
            'quantity' => $position->quantity,
            'cost' => $position->cost,
            'realised' => $position->realised,
            'fees' => $position->fees,
            'open_fees' => $position->openFees,
        ]);
        Database::connection()->table('holdings')->upsert(
            ['account_id' => $accountId, 'instrument' => $holding->instrument->name, 'leverage' => $holding->leverage->toInt(), ...$stored],
            ['account_id', 'instrument'],
            array_keys($stored),
        );
    }

    /** @throws Problem If spot would go below zero, or more money would be bound than there is. */
    private static function refuseUnpayable(Books $books, Holding $before, Holding $after, BigDecimal $cash): void
    {
        if ($after->isSpot() && $after->position->quantity->isNegative()) {
            throw Problem::of(422, 'not_enough_coins', "The account does not hold enough of {$after->instrument->name}.");
        }
        $mark = Market::depth($after->instrument->name, Clock::milliseconds())->quote->markFor($after->position->quantity);
        $free = $books->free()->minus($books->cash)->plus($cash)->minus($before->freeing($mark))->plus($after->freeing($mark));
        $binds = $after->margin()->isGreaterThan($before->margin()) || $cash->isNegative();
        if ($binds && ($free->isNegative() || $cash->isNegative())) {
            throw Problem::of(422, 'not_enough_money', 'The account has not enough free money for this order.');
        }
    }
}
