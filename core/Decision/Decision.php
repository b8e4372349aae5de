<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Wexon\Core\Intent\Intent;
use Wexon\Core\Ladder\Rung;
use Wexon\Core\Order\WorkingOrder;
use Wexon\Core\Protection\Foreseen;
use Wexon\Core\Route\Leverage;

/**
 * The full trace of one signal on one account: every step, its verdict, its numbers, and the tickets that come of it.
 *
 * @phpstan-import-type TicketArray from Ticket
 * @phpstan-import-type WorkingArray from WorkingOrder
 * @phpstan-import-type LeverageSpec from Leverage
 * @phpstan-import-type RungArray from Rung
 * @phpstan-import-type ForeseenArray from Foreseen
 */
final readonly class Decision
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Ticket>  $tickets  Empty unless the verdict is pass.
     * @param  list<WorkingOrder>  $cancels  Taken back before the tickets go out.
     */
    private function __construct(
        public Verdict $verdict,
        public Intent $intent,
        public array $steps,
        public array $tickets,
        public array $cancels,
        /** Set at the venue before the tickets go out; null: as it is. */
        public ?Leverage $leverage,
        /** @var list<Rung> The entry and its planned adds, when there are any. */
        public array $ladder,
        /** Of the position that the tickets open, or that the signal is about; null: none. */
        public ?Foreseen $protection,
    ) {}

    /**
     * @param  non-empty-list<Step>  $steps
     * @param  list<Ticket>  $tickets
     * @param  list<WorkingOrder>  $cancels
     * @param  list<Rung>  $ladder
     */
    public static function of(Intent $intent, array $steps, array $tickets = [], array $cancels = [], ?Leverage $leverage = null, array $ladder = [], ?Foreseen $protection = null): self
    {
        return new self($steps[array_key_last($steps)]->verdict, $intent, $steps, $tickets, $cancels, $leverage, $ladder, $protection);
    }

    /** The sentence that matters: of the step where it ended. */
    public function summary(): string
    {
        $last = array_key_last($this->steps);

        return $last === null ? '' : $this->steps[$last]->sentence;
    }

    /** @return array{verdict: string, intent: string, summary: string, steps: list<array{station: string, verdict: string, sentence: string, numbers: array<string, string>}>, tickets: list<TicketArray>, cancels: list<WorkingArray>, leverage: LeverageSpec|null, ladder: list<RungArray>, protection: ForeseenArray|null} */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict->value,
            'intent' => $this->intent->value,
            'summary' => $this->summary(),
            'steps' => array_map(static fn (Step $step): array => $step->toArray(), $this->steps),
            'tickets' => array_map(static fn (Ticket $ticket): array => $ticket->toArray(), $this->tickets),
            'cancels' => array_map(static fn (WorkingOrder $order): array => $order->toArray(), $this->cancels),
            'leverage' => $this->leverage?->toArray(),
            'ladder' => array_map(static fn (Rung $rung): array => $rung->toArray(), $this->ladder),
            'protection' => $this->protection?->toArray(),
        ];
    }
}
