<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Depth;

/** What a practice venue trades, and at which prices at a given time. Times are in milliseconds since 1970. */
interface Market
{
    /** @return list<string> */
    public function names(): array;

    /** @throws Problem If there is no such instrument. */
    public function instrument(string $name): Instrument;

    /** Share of an order's value that an order pays which waited to be taken. */
    public function makerFee(string $name): string;

    /** @throws Problem If there is no such instrument. */
    public function depth(string $name, int $time): Depth;

    /** What one of the instrument's quote currency is worth in the accounts' money. */
    public function rate(string $name, int $time): BigDecimal;

    /** Percent of a position's value that holding it over a night costs; below zero when it is paid for. */
    public function nightly(string $name, bool $long): string;

    /** The moment in UTC at which a night is charged, as "21:00". */
    public function nightBegins(): string;
}
