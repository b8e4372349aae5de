<?php

declare(strict_types=1);

namespace Standin\Bench\Alert;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Condition\Condition;

/** An alert on its way along the chart: it has seen every closed candle, and looks at the one that goes on. */
final class AlertRun
{
    private ?int $firedIn = null;

    public function __construct(private readonly Condition $condition, private readonly Firing $firing) {}

    /** A candle of the past: nothing fires. */
    public function warmUp(Candle $candle): void
    {
        $this->condition->next($candle);
    }

    /** @return bool Whether it fires. */
    public function look(Candle $forming): bool
    {
        if ($this->firing === Firing::AtTheClose || ($this->firing !== Firing::EachTick && $this->firedIn === $forming->at)) {
            return false;
        }
        $copy = unserialize(serialize($this->condition));
        $holds = $copy instanceof Condition && $copy->next($forming);
        $this->firedIn = $holds ? $forming->at : $this->firedIn;

        return $holds;
    }

    /** @return bool Whether it fires. */
    public function close(Candle $closed): bool
    {
        $holds = $this->condition->next($closed);

        return $holds && match ($this->firing) {
            Firing::EachTick, Firing::AtTheClose => true,
            Firing::OnceABar, Firing::OnlyOnce => $this->firedIn !== $closed->at,
        };
    }
}
