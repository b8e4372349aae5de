<?php

declare(strict_types=1);

namespace Wexon\Core\Decision;

use Wexon\Core\Intent\Intent;

/** The full trace of one signal on one account: every step, its verdict, its numbers, and the tickets that come of it. */
final readonly class Decision
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Ticket>  $tickets  Empty unless the verdict is pass.
     */
    private function __construct(
        public Verdict $verdict,
        public Intent $intent,
        public array $steps,
        public array $tickets,
    ) {}

    /**
     * @param  non-empty-list<Step>  $steps
     * @param  list<Ticket>  $tickets
     */
    public static function of(Intent $intent, array $steps, array $tickets = []): self
    {
        return new self($steps[array_key_last($steps)]->verdict, $intent, $steps, $tickets);
    }

    /** The sentence that matters: of the step where it ended. */
    public function summary(): string
    {
        $last = array_key_last($this->steps);

        return $last === null ? '' : $this->steps[$last]->sentence;
    }

    /** @return array{verdict: string, intent: string, summary: string, steps: list<array{station: string, verdict: string, sentence: string, numbers: array<string, string>}>, tickets: list<array{number: int, type: string, instrument: string, side: string, quantity: string, reduce_only: bool}>} */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict->value,
            'intent' => $this->intent->value,
            'summary' => $this->summary(),
            'steps' => array_map(static fn (Step $step): array => $step->toArray(), $this->steps),
            'tickets' => array_map(static fn (Ticket $ticket): array => $ticket->toArray(), $this->tickets),
        ];
    }
}
