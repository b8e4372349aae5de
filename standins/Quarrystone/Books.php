<?php

declare(strict_types=1);

namespace Standin\Quarrystone;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use stdClass;
use Wexon\Core\Practice\Holding;

/** One account's money and holdings, valued now. */
final class Books
{
    /** @param  array<string, Holding>  $holdings By instrument. */
    private function __construct(
        public readonly int $accountId,
        public readonly BigDecimal $cash,
        public readonly array $holdings,
    ) {}

    /** @param  bool  $lock Keeps everyone else off this account until the transaction ends. */
    public static function of(int $accountId, bool $lock = false): self
    {
        $database = Database::connection();
        $account = $database->table('accounts')->where('id', $accountId);
        $cash = ($lock ? $account->lockForUpdate() : $account)->value('cash');
        $holdings = [];
        foreach ($database->table('holdings')->where('account_id', $accountId)->get() as $row) {
            $holdings[$row->instrument] = self::holding($row);
        }

        return new self($accountId, BigDecimal::of($cash), $holdings);
    }

    public function holdingOf(string $instrument): Holding
    {
        return $this->holdings[$instrument] ?? Holding::none(Market::instrument($instrument));
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

    /** @param  callable(Holding, BigDecimal): BigDecimal  $of */
    private function total(callable $of): BigDecimal
    {
        $sum = $this->cash;
        foreach ($this->holdings as $name => $holding) {
            if (! $holding->position->isFlat()) {
                $sum = $sum->plus($of($holding, Market::depth($name, Clock::milliseconds())->quote->markFor($holding->position->quantity)));
            }
        }

        return $sum->toScale(8, RoundingMode::DOWN);
    }

    private static function holding(stdClass $row): Holding
    {
        return Holding::of(Market::instrument($row->instrument), $row->quantity, $row->cost, $row->realised, $row->fees, $row->open_fees, (int) $row->leverage);
    }
}
