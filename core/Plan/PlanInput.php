<?php

declare(strict_types=1);

namespace Wexon\Core\Plan;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\OrderSide;
use Wexon\Core\Signal\Side;
use Wexon\Core\Signal\Signal;
use Wexon\Core\Sizing\SizingInput;

/** What a plan may look at. */
final readonly class PlanInput
{
    public function __construct(
        public Signal $signal,
        /** The side that is opened, added to or closed. */
        public Side $side,
        public RouteRules $rules,
        public Snapshot $snapshot,
    ) {}

    /** Units held, whatever the side. */
    public function held(): BigDecimal
    {
        return $this->snapshot->position->quantity->abs();
    }

    /**
     * What a size can depend on.
     *
     * @param  bool  $closesFirst  Whether the position gives its money back before.
     */
    public function sizing(OrderSide $side, bool $closesFirst): SizingInput
    {
        $position = $this->snapshot->position;
        $released = $closesFirst && ! $position->isFlat() ? $position->cost->abs()->dividedBy($this->snapshot->leverage, 8, RoundingMode::DOWN) : BigDecimal::zero();

        return new SizingInput(
            $this->snapshot->instrument,
            $this->snapshot->quote->priceFor($side),
            $this->snapshot->balance,
            $this->snapshot->balance->free->plus($released),
            $this->snapshot->leverage,
            $this->signal->size,
        );
    }
}
