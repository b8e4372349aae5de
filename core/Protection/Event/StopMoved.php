<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\StopReason;

/** Somebody puts the stop at a price by hand, or takes it away. Trailing goes on from there, and never loosens it. */
final readonly class StopMoved implements Event
{
    /**
     * @param  BigDecimal|null  $price  Null takes the stop away.
     * @param  BigDecimal  $mark  What closing would get now.
     */
    public function __construct(private ?BigDecimal $price, private BigDecimal $mark) {}

    /** @throws OrderRefusal If it would be hit at once. */
    public function applyTo(Protection $protection, Instrument $instrument): Outcome
    {
        if ($this->price === null) {
            return Outcome::of($protection->withoutStop());
        }
        $levels = Levels::of($protection->side, $instrument);
        $stop = $levels->toTick($this->price);
        if (! $stop->isPositive() || ! $levels->isBetter($this->mark, $stop)) {
            throw new OrderRefusal("A stop at {$stop} would be hit at once, as closing would get {$this->mark} now. Close the position instead, or put the stop on the other side.");
        }

        return Outcome::of($protection->with(['stop' => $stop, 'why' => StopReason::Hand, 'risk' => $protection->risk ?? $stop->minus($protection->average)->abs()]));
    }
}
