<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use stdClass;
use Wexon\Core\Position\Fill;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/** Fills orders: moves money and holdings, and writes the fills down. The account is locked by whoever calls. */
final readonly class Execution
{
    private const FEE_SCALE = 8;

    private const CASH_SCALE = 18;

    public function __construct(private Exchange $exchange) {}

    /**
     * @param  list<array{quantity: BigDecimal, price: BigDecimal}>  $parts
     * @param  bool  $maker  Whether the order waited to be taken.
     * @param  bool  $forced  Whether it goes through even when it cannot be paid for.
     *
     * @throws Problem If it cannot be paid for.
     */
    public function fill(stdClass $order, array $parts, bool $maker, int $time, bool $forced = false): void
    {
        $this->exchange->database->transaction(fn () => $this->book($order, $parts, $maker, $time, $forced));
    }

    /** @param  list<array{quantity: BigDecimal, price: BigDecimal}>  $parts */
    private function book(stdClass $order, array $parts, bool $maker, int $time, bool $forced): void
    {
        $books = Books::of($this->exchange, (int) $order->account_id);
        $side = OrderSide::from($order->side);
        $book = $books->bookFor($side, (bool) $order->reduce_only);
        $before = $holding = $books->holding($order->instrument, $book);
        $feeRate = $maker ? $this->exchange->market->makerFee($order->instrument) : $holding->instrument->takerFee;
        $rate = $this->exchange->market->rate($order->instrument, $time);
        $cash = $books->cash;
        $rows = [];
        $filled = BigDecimal::of($order->filled);
        foreach ($parts as $part) {
            $fee = $holding->instrument->notional($part['quantity'], $part['price'])->multipliedBy($feeRate)->toScale(self::FEE_SCALE, RoundingMode::UP);
            [$holding, $moved] = $holding->after(Fill::of($side, $part['quantity'], $part['price'], $fee));
            $cash = $cash->plus($moved->multipliedBy($rate))->toScale(self::CASH_SCALE, RoundingMode::HALF_EVEN);
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
        $database = $this->exchange->database;
        $database->table('orders')->where('id', $order->id)->update(['filled' => (string) $filled, 'status' => $filled->isEqualTo($order->quantity) ? 'filled' : 'working']);
        $forced || $this->refuseUnpayable($books, $before, $holding, $cash);
        $database->table('fills')->insert($rows);
        $database->table('accounts')->where('id', $order->account_id)->update(['cash' => (string) $cash, 'margin_seen_until' => $time]);
        $this->keep((int) $order->account_id, $book, $holding, $time, isNew: $before->position->isFlat());
        if ($order->cancel_group !== null && $filled->isEqualTo($order->quantity)) {
            $database->table('orders')->where('account_id', $order->account_id)->where('cancel_group', $order->cancel_group)->where('status', 'working')->update(['status' => 'cancelled']);
        }
    }

    /** @param  bool  $isNew  Whether it was flat before, so that what holding costs begins now. */
    private function keep(int $accountId, string $book, Holding $holding, int $time, bool $isNew): void
    {
        $position = $holding->position;
        $stored = array_map(strval(...), [
            'quantity' => $position->quantity,
            'cost' => $position->cost,
            'realised' => $position->realised,
            'fees' => $position->fees,
            'open_fees' => $position->openFees,
        ]);
        $this->exchange->database->table('holdings')->upsert(
            ['account_id' => $accountId, 'instrument' => $holding->instrument->name, 'book' => $book, 'leverage' => $holding->leverage->toInt(), 'charged_until' => $time, ...$stored],
            ['account_id', 'instrument', 'book'],
            [...array_keys($stored), ...($isNew ? ['charged_until'] : [])],
        );
    }

    /** @throws Problem If spot would go below zero, or more money would be bound than there is. */
    private function refuseUnpayable(Books $books, Holding $before, Holding $after, BigDecimal $cash): void
    {
        if ($after->isSpot() && $after->position->quantity->isNegative()) {
            throw Problem::of(422, 'not_enough_coins', "The account does not hold enough of {$after->instrument->name}.");
        }
        $name = $after->instrument->name;
        $mark = $this->exchange->quote($name, Clock::milliseconds())->markFor($after->position->quantity);
        $moved = $after->freeing($mark)->minus($before->freeing($mark))->multipliedBy($this->exchange->rate($name));
        $free = $books->free()->minus($books->cash)->plus($cash)->plus($moved);
        $binds = $after->margin()->isGreaterThan($before->margin()) || $cash->isNegative();
        if ($binds && ($free->isNegative() || $cash->isNegative())) {
            throw Problem::of(422, 'not_enough_money', 'The account has not enough free money for this order.');
        }
    }
}
