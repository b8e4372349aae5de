<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Wexon\Core\Decision\Ticket;
use Wexon\Core\Ladder\Rung;
use Wexon\Core\Order\WorkingOrder;

/** Orders to take back first, then tickets, and the sums that led to them. */
final readonly class Planned
{
    /**
     * @param  list<string>  $working
     * @param  list<Ticket>  $tickets
     * @param  array<string, WorkingOrder>  $cancels By client order id.
     * @param  list<Rung>  $ladder  The entry and its planned adds, when there are any.
     */
    private function __construct(public array $working, public array $tickets, public array $cancels = [], public array $ladder = []) {}

    public static function of(string $working, Ticket ...$tickets): self
    {
        return new self([$working], array_values($tickets));
    }

    /** @param  list<WorkingOrder>  $orders */
    public function cancelling(array $orders): self
    {
        return new self($this->working, $this->tickets, $this->cancels + array_column(array_map(static fn (WorkingOrder $order): array => [$order->clientId, $order], $orders), 1, 0), $this->ladder);
    }

    /** This, and then that; the tickets are numbered through. */
    public function then(self $next): self
    {
        $numbered = $this->tickets;
        foreach ($next->tickets as $ticket) {
            $numbered[] = $ticket->numbered(count($numbered) + 1);
        }

        $working = array_values(array_filter([...$this->working, ...$next->working], static fn (string $words): bool => $words !== ''));

        return new self($working, $numbered, $this->cancels + $next->cancels, [...$this->ladder, ...$next->ladder]);
    }

    /** The same, with every ticket so many seconds later. */
    public function later(int $seconds): self
    {
        return new self($this->working, array_map(static fn (Ticket $ticket): Ticket => $ticket->later($seconds), $this->tickets), $this->cancels, $this->ladder);
    }

    /** The same, with one more thing to be said of it. */
    public function noting(string $words): self
    {
        return new self([...$this->working, $words], $this->tickets, $this->cancels, $this->ladder);
    }

    /** @param  list<Rung>  $rungs */
    public function withLadder(array $rungs): self
    {
        return new self($this->working, $this->tickets, $this->cancels, $rungs);
    }

    /** There is nothing to do after all. */
    public function isEmpty(): bool
    {
        return $this->tickets === [] && $this->cancels === [];
    }
}
