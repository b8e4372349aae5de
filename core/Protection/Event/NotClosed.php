<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\TargetState;

/** An exit did not go through: what it was to close is looked after again. */
final readonly class NotClosed implements Event
{
    /** @param  int|null  $target  The target that it was for; null: everything. */
    public function __construct(private ?int $target) {}

    public function applyTo(Protection $protection, Instrument $instrument): Outcome
    {
        return Outcome::of($this->target === null
            ? $protection->with(['closing' => null])
            : $protection->with(['targets' => array_map(fn (TargetState $target): TargetState => $target->number === $this->target ? $target->sent(false) : $target, $protection->targets)]));
    }
}
