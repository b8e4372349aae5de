<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use InvalidArgumentException;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\StopReason;
use Wexon\Core\Protection\TargetRule;
use Wexon\Core\Protection\TargetState;
use Wexon\Core\Signal\Signal;

/** A signal, or somebody by hand, sets stop, targets or trailing anew. A stop may be loosened so: it was asked for. */
final readonly class Asked implements Event
{
    /** @param  Signal  $signal  Its stop, targets and trailing; what it does not say stays. */
    public function __construct(private Signal $signal, private StopReason $why = StopReason::Stop) {}

    /**
     * @throws OrderRefusal If a distance means nothing here.
     * @throws InvalidArgumentException If the shares are more than the whole.
     */
    public function applyTo(Protection $protection, Instrument $instrument): Outcome
    {
        $levels = Levels::of($protection->side, $instrument);
        $after = $protection->with(['rules' => $protection->rules->with($this->signal)]);
        if ($this->signal->stop !== null && $after->rules->stop !== null) {
            $after = $after->with(['stop' => $after->rules->stop->price($levels, $protection->average, $instrument, $protection->message), 'why' => $this->why]);
            $after = $after->risk === null ? $after->with(['risk' => $after->stop?->minus($protection->average)->abs()]) : $after;
        }
        if ($this->signal->targets !== []) {
            $after = $after->with(['targets' => array_map(
                static fn (TargetRule $rule, int $i): TargetState => new TargetState($i + 1, $rule->price($levels, $protection->average, $after->risk), $rule->share),
                $after->rules->targets,
                array_keys($after->rules->targets),
            )]);
        }

        return Outcome::of($after);
    }
}
