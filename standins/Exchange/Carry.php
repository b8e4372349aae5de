<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Practice\Holding;

/** Charges what holding costs, or pays what it brings (swap, funding, a lending fee), once for each period, whenever an account is looked at. */
final readonly class Carry
{
    private const HOUR = 3_600_000;

    private const SCALE = 8;

    public function __construct(private Exchange $exchange) {}

    public function catchUp(int $accountId): void
    {
        $now = Clock::milliseconds();
        $period = $this->exchange->market->carryEvery() * self::HOUR;
        [$hour, $minute] = array_map(intval(...), explode(':', $this->exchange->market->carryAt()));
        $offset = $hour * self::HOUR + $minute * 60_000;
        $last = intdiv($now - $offset, $period) * $period + $offset;
        $due = fn () => $this->exchange->database->table('holdings')->where('account_id', $accountId)->where('quantity', '!=', 0)->where('charged_until', '<', $last);
        if (! $due()->exists()) {
            return;
        }
        $this->exchange->database->transaction(function () use ($accountId, $due, $last, $period): void {
            $books = Books::of($this->exchange, $accountId, lock: true);
            $charged = BigDecimal::zero();
            foreach ($due()->get() as $row) {
                $times = intdiv($last - (int) $row->charged_until + $period - 1, $period);
                $charged = $charged->plus($this->charge($books->holding($row->instrument, $row->book), $last)->multipliedBy($times));
            }
            $due()->update(['charged_until' => $last]);
            $this->exchange->database->table('accounts')->where('id', $accountId)->update(['cash' => (string) $books->cash->minus($charged)]);
        });
    }

    /** For one period, in the account's currency. */
    private function charge(Holding $holding, int $time): BigDecimal
    {
        $name = $holding->instrument->name;
        $size = $holding->position->quantity;
        $value = $holding->instrument->notional($size, $this->exchange->quote($name, $time)->markFor($size));

        return $value->multipliedBy($this->exchange->market->carry($name, $size->isPositive()))->multipliedBy($this->exchange->market->rate($name, $time))->dividedBy(100, self::SCALE, RoundingMode::UP);
    }
}
