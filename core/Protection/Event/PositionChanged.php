<?php

declare(strict_types=1);

namespace Wexon\Core\Protection\Event;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Protection\Levels;
use Wexon\Core\Protection\OnAdd;
use Wexon\Core\Protection\Outcome;
use Wexon\Core\Protection\Protection;
use Wexon\Core\Protection\StopReason;
use Wexon\Core\Protection\TargetState;

/** The position is another after fills: an entry, an add, or a part that was closed. */
final readonly class PositionChanged implements Event
{
    private const SCALE = 18;

    /** Of a share, in percent: less than this is what rounding left of it. */
    private const NOTHING = '0.0001';

    /**
     * @param  BigDecimal  $quantity  Units held now, never below zero.
     * @param  int|null  $target  The target that closed a part; null when something else did.
     */
    public function __construct(
        private BigDecimal $quantity,
        private BigDecimal $average,
        private BigDecimal $breakEven,
        private DateTimeImmutable $at,
        private ?int $target = null,
    ) {}

    public function applyTo(Protection $protection, Instrument $instrument): Outcome
    {
        $levels = Levels::of($protection->side, $instrument);
        $before = $protection->quantity;
        $after = $protection->with(['quantity' => $this->quantity, 'average' => $this->average, 'breakEven' => $this->breakEven]);
        if ($this->quantity->isZero()) {
            return Outcome::of($after->with(['targets' => []]));
        }
        $isFirst = $before->isZero();
        if ($isFirst) {
            $after = $after->with(['best' => $this->average, 'openedAt' => $this->at, 'exitAt' => $after->rules->times?->exitAt($this->at, $instrument->hours)]);
        }
        if ($isFirst || ($this->quantity->isGreaterThan($before) && $after->rules->onAdd === OnAdd::Recompute)) {
            return Outcome::of($this->levelled($after, $instrument, $levels, $isFirst));
        }

        return Outcome::of($this->target === null ? $after : $this->taken($after, $before->minus($this->quantity), $before, $levels, $instrument));
    }

    /** Stop and targets from the average. A stop that was moved since is not loosened. */
    private function levelled(Protection $protection, Instrument $instrument, Levels $levels, bool $isFirst): Protection
    {
        $stop = $protection->rules->stop?->price($levels, $this->average, $instrument, $protection->message);
        if ($stop !== null && ($isFirst || $protection->why === StopReason::Stop)) {
            $protection = $protection->with(['stop' => $stop, 'why' => StopReason::Stop]);
        }
        if ($isFirst) {
            $protection = $protection->with(['risk' => $protection->stop?->minus($this->average)->abs()]);
        }
        $risk = $protection->stop !== null && $protection->why === StopReason::Stop ? $protection->stop->minus($this->average)->abs() : $protection->risk;
        $open = $isFirst ? array_keys($protection->rules->targets) : array_map(static fn (TargetState $target): int => $target->number - 1, $protection->targets);
        $targets = [];
        foreach ($open as $i) {
            $rule = $protection->rules->targets[$i] ?? null;
            $kept = $protection->target($i + 1);
            $price = $rule === null ? $kept?->price : $rule->price($levels, $this->average, $risk);
            if ($price !== null) {
                $targets[] = $kept?->at($price) ?? new TargetState($i + 1, $price, $rule->share ?? BigDecimal::of(100));
            }
        }

        return $protection->with(['targets' => $targets]);
    }

    /** What a target closed comes off its share; when that is all, it is done, and the stop may move. */
    private function taken(Protection $protection, BigDecimal $closed, BigDecimal $before, Levels $levels, Instrument $instrument): Protection
    {
        $whole = $protection->shares();
        $share = $closed->multipliedBy($whole)->dividedBy($before, self::SCALE, RoundingMode::HALF_EVEN);
        $targets = [];
        foreach ($protection->targets as $target) {
            $left = $target->number === $this->target ? $target->withLeft($target->left->minus($share)) : $target;
            if ($target->number !== $this->target || ! $this->isDone($left, $whole, $before, $instrument)) {
                $targets[] = $left;
            }
        }
        $protection = $protection->with(['targets' => $targets]);
        $move = $protection->rules->breakEven;

        return $move?->afterTarget === $this->target && $protection->target((int) $this->target) === null ? $protection->tightened($levels, $this->breakEven, StopReason::BreakEven) : $protection;
    }

    /** Nothing is left of a share, or less than an order can be. */
    private function isDone(TargetState $target, BigDecimal $whole, BigDecimal $before, Instrument $instrument): bool
    {
        $units = $before->multipliedBy($target->left)->dividedBy($whole, self::SCALE, RoundingMode::HALF_EVEN);

        return $target->left->isLessThan(self::NOTHING) || $units->isLessThan($instrument->lotStep);
    }
}
