<?php

declare(strict_types=1);

namespace Wexon\Core\Ladder;

use Brick\Math\BigDecimal;

/**
 * One level of a ladder, and where the whole position stands once it is filled. Prices in the quote currency, money in the account's.
 *
 * @phpstan-type RungArray array{level: int, price: string, units: string, total: string, money: string, average: string, break_even: string, bounce: string}
 */
final readonly class Rung
{
    public function __construct(
        /** 0 is the entry. */
        public int $level,
        public BigDecimal $price,
        public BigDecimal $units,
        /** Units of the position from the entry to this level. */
        public BigDecimal $total,
        /** Money that it binds until here, fees included. */
        public BigDecimal $money,
        public BigDecimal $average,
        /** Fees of both sides included. */
        public BigDecimal $breakEven,
        /** Percent that the price must come back from this level to the break-even. */
        public BigDecimal $bounce,
    ) {}

    /** @return RungArray */
    public function toArray(): array
    {
        return [
            'level' => $this->level,
            'price' => (string) $this->price,
            'units' => (string) $this->units,
            'total' => (string) $this->total,
            'money' => (string) $this->money,
            'average' => (string) $this->average,
            'break_even' => (string) $this->breakEven,
            'bounce' => (string) $this->bounce,
        ];
    }
}
