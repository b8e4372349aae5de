<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Practice\Depth;
use Wexon\Core\Practice\PricePath;

/** What a practice venue trades, and at which prices at a given time. Times are in milliseconds since 1970. */
interface Market
{
    /** @return list<string> */
    public function names(): array;

    /** @throws Problem If there is no such instrument. */
    public function instrument(string $name): Instrument;

    /** Share of an order's value that an order pays which waited to be taken. */
    public function makerFee(string $name): string;

    /**
     * Along which its price goes.
     *
     * @throws Problem If there is no such instrument.
     */
    public function path(string $name): PricePath;

    /** @throws Problem If there is no such instrument. */
    public function depth(string $name, int $time): Depth;

    /** What one of the instrument's quote currency is worth in the accounts' money. */
    public function rate(string $name, int $time): BigDecimal;

    /** Percent of a position's value that holding it at the end of a period costs; below zero when it is paid for. */
    public function carry(string $name, bool $long): string;

    /** A moment in UTC at which it is charged, as "21:00". */
    public function carryAt(): string;

    /** Hours of a period. */
    public function carryEvery(): int;

    /** How a position's money is kept where its account has not said: "isolated" for itself, or "cross", all of the account's. */
    public function marginKind(): string;
}
