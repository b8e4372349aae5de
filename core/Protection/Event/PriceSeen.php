<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;
use Wexon\Core\Protection\Closing;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\StopReason;
use Wexon\Core\Signal\Side;

/** The market is at a price, at a time: stops follow, and what is reached is closed, unless an order at the venue does it. */
final readonly class PriceSeen implements Event
{
    /**
     * @param  bool  $stopAtVenue  Whether a stop of this price is working there.
     * @param  list<int>  $targetsAtVenue  Numbers of the targets that are working there.
     */
    public function __construct(
        private Quote $quote,
        private DateTimeImmutable $at,
        private bool $stopAtVenue = false,
        private array $targetsAtVenue = [],
    ) {}

    public function applyTo(Protection $protection, Instrument $instrument): Outcome
    {
        if ($protection->quantity->isZero() || $protection->closing !== null) {
            return Outcome::of($protection);
        }
        $levels = Levels::of($protection->side, $instrument);
        $mark = $protection->side === Side::Long ? $this->quote->bid : $this->quote->ask;
        $moved = $this->followed($protection, $levels, $mark);
        $reason = match (true) {
            $moved->exitAt !== null && $this->at >= $moved->exitAt => 'clock',
            $moved->stop !== null && ! $levels->isBetter($mark, $moved->stop) && ! ($this->stopAtVenue && $this->isSame($moved, $protection)) => $moved->why->value,
            default => null,
        };

        return $reason === null
            ? $this->taken($moved, $instrument, $levels, $mark)
            : Outcome::of($moved->with(['closing' => $reason]), Closing::all($reason, $moved->quantity));
    }

    /**
     * Whether it leaves a protection as it is that has seen the last price before: no better price than the best, and
     * neither stop nor target nor the time is reached. Much quicker to tell than what it would make of it.
     */
    public function leaves(Protection $protection): bool
    {
        $mark = $protection->side === Side::Long ? $this->quote->bid : $this->quote->ask;
        $sign = $protection->side === Side::Long ? 1 : -1;
        if ($mark->compareTo($protection->best) * $sign > 0 || ($protection->stop !== null && $mark->compareTo($protection->stop) * $sign <= 0) || ($protection->exitAt !== null && $this->at >= $protection->exitAt)) {
            return false;
        }
        foreach ($protection->targets as $target) {
            if ($mark->compareTo($target->price) * $sign >= 0) {
                return false;
            }
        }

        return true;
    }

    /** With the stop where break-even, trailing and floor put it by now. */
    private function followed(Protection $protection, Levels $levels, BigDecimal $mark): Protection
    {
        $best = $levels->better($mark, $protection->best);
        $rules = $protection->rules;
        $moved = $protection->with(['best' => $best]);
        $gain = $rules->breakEven?->afterGain;
        if ($gain !== null && ! $levels->gain($protection->average, $best)->isLessThan($levels->units($gain, $protection->average, $protection->risk))) {
            $moved = $moved->tightened($levels, $protection->breakEven, StopReason::BreakEven);
        }

        return $moved
            ->tightened($levels, $rules->floor?->stop($levels, $protection->average, $best, $protection->risk), StopReason::Floor)
            ->tightened($levels, $rules->trail?->stop($levels, $protection->average, $best, $protection->risk), StopReason::Trail);
    }

    private function taken(Protection $protection, Instrument $instrument, Levels $levels, BigDecimal $mark): Outcome
    {
        $quantities = $protection->quantities($instrument);
        $closings = [];
        $targets = [];
        foreach ($protection->targets as $target) {
            $reached = ! $target->sent && isset($quantities[$target->number]) && ! $levels->isBetter($target->price, $mark) && ! in_array($target->number, $this->targetsAtVenue, true);
            if ($reached) {
                $closings[] = Closing::target($target->number, $quantities[$target->number]);
            }
            $targets[] = $reached ? $target->sent(true) : $target;
        }

        return Outcome::of($protection->with(['targets' => $targets]), ...$closings);
    }

    private function isSame(Protection $left, Protection $right): bool
    {
        return $right->stop !== null && $left->stop?->isEqualTo($right->stop) === true;
    }
}
