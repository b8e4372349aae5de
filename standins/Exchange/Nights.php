<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Practice\Holding;

/** Charges what is held over a night, once for each night, whenever an account is looked at. */
final readonly class Nights
{
    private const DAY = 86_400_000;

    private const SCALE = 8;

    public function __construct(private Exchange $exchange) {}

    public function catchUp(int $accountId): void
    {
        $now = Clock::milliseconds();
        [$hour, $minute] = array_map(intval(...), explode(':', $this->exchange->market->nightBegins()));
        $offset = ($hour * 60 + $minute) * 60_000;
        $lastNight = intdiv($now - $offset, self::DAY) * self::DAY + $offset;
        $due = fn () => $this->exchange->database->table('holdings')->where('account_id', $accountId)->where('quantity', '!=', 0)->where('charged_until', '<', $lastNight);
        if (! $due()->exists()) {
            return;
        }
        $this->exchange->database->transaction(function () use ($accountId, $due, $lastNight): void {
            $books = Books::of($this->exchange, $accountId, lock: true);
            $charged = BigDecimal::zero();
            foreach ($due()->get() as $row) {
                $nights = intdiv($lastNight - (int) $row->charged_until + self::DAY - 1, self::DAY);
                $charged = $charged->plus($this->charge($books->holding($row->instrument, $row->book), $lastNight)->multipliedBy($nights));
            }
            $due()->update(['charged_until' => $lastNight]);
            $this->exchange->database->table('accounts')->where('id', $accountId)->update(['cash' => (string) $books->cash->minus($charged)]);
        });
    }

    /** For one night, in the account's currency. */
    private function charge(Holding $holding, int $time): BigDecimal
    {
        $name = $holding->instrument->name;
        $size = $holding->position->quantity;
        $value = $holding->instrument->notional($size, $this->exchange->quote($name, $time)->markFor($size));

        return $value->multipliedBy($this->exchange->market->nightly($name, $size->isPositive()))->multipliedBy($this->exchange->market->rate($name, $time))->dividedBy(100, self::SCALE, RoundingMode::UP);
    }
}
