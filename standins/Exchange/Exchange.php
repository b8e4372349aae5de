<?php

declare(strict_types=1);

namespace Standin\Exchange;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;

/** The inside of a practice venue: its books and its market. */
final readonly class Exchange
{
    public function __construct(public Connection $database, public Market $market) {}

    public function quote(string $instrument, int $time): Quote
    {
        return $this->market->depth($instrument, $time)->quote;
    }

    public function rate(string $instrument): BigDecimal
    {
        return $this->market->rate($instrument, Clock::milliseconds());
    }

    public function isOpen(Instrument $instrument, int $time): bool
    {
        return $instrument->isOpen(Clock::moment($time));
    }

    /** Milliseconds since 1970 at which the session of this time ends; null when the venue never closes. */
    public function closesAt(Instrument $instrument, int $time): ?int
    {
        $closes = $instrument->hours?->closesAt(Clock::moment($time));

        return $closes instanceof DateTimeImmutable ? $closes->getTimestamp() * 1000 : null;
    }
}
