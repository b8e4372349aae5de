<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use Brick\Math\BigDecimal;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\TargetRule;
use Wexon\Core\Protection\TargetState;

/** Somebody sets the targets by hand, or takes them all away, to let the position run. */
final readonly class TargetsSet implements Event
{
    /**
     * @param  list<TargetRule>  $targets  Shares are of what is held now.
     * @param  BigDecimal  $mark  What closing would get now.
     */
    public function __construct(private array $targets, private BigDecimal $mark) {}

    /** @throws OrderRefusal If one of them would be reached at once. */
    public function applyTo(Protection $protection, Instrument $instrument): Outcome
    {
        $levels = Levels::of($protection->side, $instrument);
        $states = [];
        foreach ($this->targets as $i => $target) {
            $price = $target->price($levels, $protection->average, $protection->risk);
            if (! $levels->isBetter($price, $this->mark)) {
                throw new OrderRefusal('Target '.($i + 1)." at {$price} is reached already, as closing would get {$this->mark} now: close a share instead.");
            }
            $states[] = new TargetState($i + 1, $price, $target->share);
        }

        return Outcome::of($protection->with(['rules' => $protection->rules->withTargets($this->targets), 'targets' => $states]));
    }
}
