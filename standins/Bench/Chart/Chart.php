<?php

declare(strict_types=1);

namespace Standin\Bench\Chart;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;

/** Something that has candles. */
interface Chart
{
    /** What tells it apart: "quarrystone:marl_perp", "import:3". */
    public function key(): string;

    /** What the chart calls it, and its messages. */
    public function symbol(): string;

    public function details(): Instrument;

    /** Whether there are new candles as time goes by; else all are of the past. */
    public function goesOn(): bool;

    public function candles(Interval $interval): Candles;

    /** A price of a candle, exactly. */
    public function price(float $price): BigDecimal;

    /** Between bid and ask, in ticks. */
    public function spread(): int;

    /** What one of the quote currency is worth now in the money of the venue's accounts. */
    public function rate(): BigDecimal;

    /** What can be bought and sold at while the chart shows a price. */
    public function quote(float $price): Quote;

    /** @return array{key: string, venue: string, instrument: string, symbol: string, tick: string, lot_step: string, least_size: string, kind: string, currency: string, interval: string|null} The interval when there is only one. */
    public function toArray(): array;
}
