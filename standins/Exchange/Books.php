<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Signal\OrderSide;

/** One account's money and holdings, valued now. Money is in the account's currency, holdings are in their quote currency. */
final class Books
{
    /** @param  array<string, array<string, Holding>>  $holdings By instrument and book: net; long and short where the account holds both at once. */
    private function __construct(
        public readonly Exchange $exchange,
        public readonly int $accountId,
        public readonly BigDecimal $cash,
        /** Whether long and short of one instrument are held side by side. */
        public readonly bool $hedging,
        /** Of instruments for which none was set. */
        private readonly int $leverage,
        public readonly array $holdings,
    ) {}

    /** @param  bool  $lock Keeps everyone else off this account until the transaction ends. */
    public static function of(Exchange $exchange, int $accountId, bool $lock = false): self
    {
        $account = $exchange->database->table('accounts')->where('id', $accountId);
        $account = ($lock ? $account->lockForUpdate() : $account)->sole(['cash', 'hedging', 'leverage']);
        $holdings = [];
        foreach ($exchange->database->table('holdings')->where('account_id', $accountId)->get() as $row) {
            $holdings[$row->instrument][$row->book] = Holding::of($exchange->market->instrument($row->instrument), $row->quantity, $row->cost, $row->realised, $row->fees, $row->open_fees, (int) $row->leverage, ($row->margin ?? $exchange->market->marginKind()) === 'isolated');
        }

        return new self($exchange, $accountId, BigDecimal::of($account->cash), (bool) $account->hedging, (int) $account->leverage, $holdings);
    }

    /** The book that an order goes to: a closing order to that of the other side, where there are two. */
    public function bookFor(OrderSide $side, bool $closes): string
    {
        return $this->hedging ? ($closes ? $side->position()->opposite() : $side->position())->value : 'net';
    }

    public function holding(string $instrument, string $book): Holding
    {
        return $this->holdings[$instrument][$book] ?? Holding::none($this->exchange->market->instrument($instrument), $this->leverage, $this->exchange->market->marginKind() === 'isolated');
    }

    /** @return iterable<array{string, string, Holding}> Instrument, book and holding of everything that is not flat. */
    public function held(): iterable
    {
        foreach ($this->holdings as $instrument => $books) {
            foreach ($books as $book => $holding) {
                if (! $holding->position->isFlat()) {
                    yield [$instrument, $book, $holding];
                }
            }
        }
    }

    /** All money, with every holding at what closing it would get. */
    public function equity(): BigDecimal
    {
        return $this->total(static fn (Holding $holding, BigDecimal $mark): BigDecimal => $holding->worth($mark));
    }

    /** What may still be bound by new positions and orders. */
    public function free(): BigDecimal
    {
        return $this->total(static fn (Holding $holding, BigDecimal $mark): BigDecimal => $holding->freeing($mark))->minus(Reserved::of($this)->money())->toScale(8, RoundingMode::DOWN);
    }

    /** @param  callable(Holding, BigDecimal): BigDecimal  $of In the quote currency. */
    private function total(callable $of): BigDecimal
    {
        $sum = $this->cash;
        foreach ($this->held() as [$name, , $holding]) {
            $mark = $this->exchange->quote($name, Clock::milliseconds())->markFor($holding->position->quantity);
            $sum = $sum->plus($of($holding, $mark)->multipliedBy($this->exchange->rate($name)));
        }

        return $sum->toScale(8, RoundingMode::DOWN);
    }
}
