<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Decision\Ticket;

/** Tickets, and the sums that led to them. */
final readonly class Planned
{
    /**
     * @param  list<string>  $working
     * @param  list<Ticket>  $tickets  Empty when there is nothing to do after all.
     */
    private function __construct(public array $working, public array $tickets) {}

    public static function of(string $working, Ticket ...$tickets): self
    {
        return new self([$working], array_values($tickets));
    }

    /** This, and then that; the tickets are numbered through. */
    public function then(self $next): self
    {
        $numbered = $this->tickets;
        foreach ($next->tickets as $ticket) {
            $numbered[] = Ticket::market(count($numbered) + 1, $ticket->instrument, $ticket->side, $ticket->quantity, $ticket->reduceOnly);
        }

        return new self([...$this->working, ...$next->working], $numbered);
    }
}
