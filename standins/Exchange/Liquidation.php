<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Practice\PricePath;

/**
 * Closes what is borrowed for and no longer covered. With its own (isolated) margin a position is closed when its loss
 * leaves less of that than the least share of its value; the others when all of the account's money is less than that
 * share of them together, the one that loses most first.
 */
final readonly class Liquidation
{
    /** Of the value of a position, that must be left of what covers it. */
    public const LEAST_SHARE = '0.005';

    private const MOST_LOOKS = 1_200;

    public function __construct(private Exchange $exchange) {}

    public function catchUp(int $accountId): void
    {
        $now = Clock::milliseconds();
        $now -= $now % PricePath::STEP;
        if (! $this->borrows($accountId, $now)) {
            return;
        }
        $this->exchange->database->transaction(function () use ($accountId, $now): void {
            $books = Books::of($this->exchange, $accountId, lock: true);
            $since = (int) $this->exchange->database->table('accounts')->where('id', $accountId)->value('margin_seen_until');
            $from = $since === 0 ? $now : min($since + PricePath::STEP, $now);
            $step = max(1, intdiv($now - $from, self::MOST_LOOKS * PricePath::STEP)) * PricePath::STEP;
            for ($time = $from; $time <= $now; $time += $step) {
                for ($closed = $this->closeOne($books, $time); $closed; $closed = $this->closeOne($books, $time)) {
                    $books = Books::of($this->exchange, $accountId);
                }
            }
            $this->seen($accountId, $now);
        });
    }

    /** Whether something is borrowed for that was not looked at this moment yet; every fill is such a look. */
    private function borrows(int $accountId, int $now): bool
    {
        return $this->exchange->database->table('holdings')->join('accounts', 'accounts.id', '=', 'account_id')->where('account_id', $accountId)
            ->where('quantity', '!=', 0)->where('holdings.leverage', '>', 1)->where('margin_seen_until', '<', $now)->exists();
    }

    private function seen(int $accountId, int $now): void
    {
        $this->exchange->database->table('accounts')->where('id', $accountId)->update(['margin_seen_until' => $now]);
    }

    /** @return bool Whether there was one to close. */
    private function closeOne(Books $books, int $time): bool
    {
        $worst = null;
        $needed = BigDecimal::zero();
        $cover = $books->cash;
        foreach ($books->held() as [$name, $book, $holding]) {
            if ($holding->isSpot() || ! $this->exchange->isOpen($holding->instrument, $time)) {
                continue;
            }
            $mark = $this->exchange->quote($name, $time)->markFor($holding->position->quantity);
            $profit = $holding->position->unrealised($mark);
            $least = $holding->instrument->notional($holding->position->quantity->abs(), $mark)->multipliedBy(self::LEAST_SHARE);
            if ($holding->isIsolated) {
                if ($holding->leverage->isGreaterThan(1) && $holding->margin()->plus($profit)->isLessThan($least)) {
                    $this->close($books, $holding, $book, $time);

                    return true;
                }
                $cover = $cover->minus($holding->margin());

                continue;
            }
            $rate = $this->exchange->market->rate($name, $time);
            [$needed, $cover] = [$needed->plus($least->multipliedBy($rate)), $cover->plus($profit->multipliedBy($rate))];
            $worst = $worst === null || $profit->multipliedBy($rate)->isLessThan($worst[0]) ? [$profit->multipliedBy($rate), $holding, $book] : $worst;
        }
        if ($worst === null || $cover->isGreaterThanOrEqualTo($needed)) {
            return false;
        }
        $this->close($books, $worst[1], $worst[2], $time);

        return true;
    }

    private function close(Books $books, Holding $holding, string $book, int $time): void
    {
        $name = $holding->instrument->name;
        $side = $holding->position->side()?->closing() ?? throw Problem::of(500, 'nothing_to_close', 'A flat holding is not closed.');
        $size = $holding->position->quantity->abs();
        $orders = $this->exchange->database->table('orders');
        $id = $orders->clone()->insertGetId([
            'account_id' => $books->accountId, 'client_id' => "margin-{$time}-{$name}", 'instrument' => $name, 'side' => $side->value, 'type' => 'market',
            'quantity' => (string) $size, 'reduce_only' => true, 'status' => 'working', 'matched_until' => $time, 'created_at' => Clock::stampOf($time),
        ]);
        $parts = $this->exchange->market->depth($name, $time)->take($side, $size);
        (new Execution($this->exchange))->fill($orders->clone()->where('id', $id)->sole(), $parts, maker: false, time: $time, forced: true);
        $orders->clone()->where('account_id', $books->accountId)->where('instrument', $name)->where('side', $side->value)->where('reduce_only', true)->where('status', 'working')->update(['status' => 'cancelled']);
    }
}
