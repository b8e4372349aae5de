<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Signal\Signal;

/**
 * How a position is looked after once it is there. What a message says of stop, targets and trailing counts before the route.
 *
 * @phpstan-import-type StopSpec from StopRule
 * @phpstan-import-type TargetSpec from TargetRule
 * @phpstan-import-type TrailSpec from Trail
 * @phpstan-import-type BreakEvenSpec from BreakEvenMove
 * @phpstan-import-type FloorSpec from ProfitFloor
 * @phpstan-import-type TimesSpec from TimeExits
 *
 * @phpstan-type ProtectionSpec array{stop?: StopSpec|null, targets?: list<TargetSpec>, trailing?: TrailSpec|null, break_even?: BreakEvenSpec|null, floor?: FloorSpec|null, times?: TimesSpec|null, on_add?: string, keeping?: string}
 */
final readonly class ProtectionRules
{
    /** @param  list<TargetRule>  $targets */
    private function __construct(
        public ?StopRule $stop,
        public array $targets,
        public ?Trail $trail,
        public ?BreakEvenMove $breakEven,
        public ?ProfitFloor $floor,
        public ?TimeExits $times,
        public OnAdd $onAdd,
        public Keeping $keeping,
    ) {}

    public static function none(): self
    {
        return self::of([]);
    }

    /**
     * @param  ProtectionSpec  $spec
     *
     * @throws InvalidArgumentException If one of them will not do.
     */
    public static function of(array $spec): self
    {
        $targets = TargetRule::all($spec['targets'] ?? []);
        $breakEven = isset($spec['break_even']) ? BreakEvenMove::of($spec['break_even']) : null;
        if (($breakEven->afterTarget ?? 0) > count($targets) && $targets !== []) {
            throw new InvalidArgumentException("The stop moves to break-even after target {$breakEven?->afterTarget}, but there are only ".count($targets).'.');
        }

        return new self(
            isset($spec['stop']) ? StopRule::of($spec['stop']) : null,
            $targets,
            isset($spec['trailing']) ? Trail::of($spec['trailing']) : null,
            $breakEven,
            isset($spec['floor']) ? ProfitFloor::of($spec['floor']) : null,
            isset($spec['times']) ? TimeExits::of($spec['times']) : null,
            OnAdd::from($spec['on_add'] ?? OnAdd::Recompute->value),
            Keeping::from($spec['keeping'] ?? Keeping::Venue->value),
        );
    }

    /** @throws InvalidArgumentException If what the message says will not do. */
    public function with(Signal $signal): self
    {
        return new self(
            $signal->stop === null ? $this->stop : StopRule::at($signal->stop),
            $signal->targets === [] ? $this->targets : TargetRule::asked($signal->targets, $this->targets),
            $signal->trailing === null ? $this->trail : Trail::asked($signal->trailing),
            $this->breakEven,
            $this->floor,
            $this->times,
            $this->onAdd,
            $this->keeping,
        );
    }

    /** @param  list<TargetRule>  $targets */
    public function withTargets(array $targets): self
    {
        return new self($this->stop, $targets, $this->trail, $this->breakEven, $this->floor, $this->times, $this->onAdd, $this->keeping);
    }

    /** Neither the first stop nor anything that would bring one back. */
    public function withoutStop(): self
    {
        return new self(null, $this->targets, null, null, null, $this->times, $this->onAdd, $this->keeping);
    }

    /** Whether there is nothing to look after. */
    public function isEmpty(): bool
    {
        return $this->stop === null && $this->targets === [] && $this->trail === null && $this->breakEven === null && $this->floor === null && $this->times === null;
    }

    /** Percent of the position that no target takes. */
    public function rest(): BigDecimal
    {
        return BigDecimal::of(100)->minus(BigDecimal::sum(BigDecimal::zero(), ...array_map(static fn (TargetRule $rule): BigDecimal => $rule->share, $this->targets)));
    }

    /** @return ProtectionSpec */
    public function toArray(): array
    {
        return array_filter([
            'stop' => $this->stop?->toArray(),
            'targets' => array_map(static fn (TargetRule $target): array => $target->toArray(), $this->targets),
            'trailing' => $this->trail?->toArray(),
            'break_even' => $this->breakEven?->toArray(),
            'floor' => $this->floor?->toArray(),
            'times' => $this->times?->toArray(),
            'on_add' => $this->onAdd === OnAdd::Recompute ? null : $this->onAdd->value,
            'keeping' => $this->keeping === Keeping::Venue ? null : $this->keeping->value,
        ], static fn (array|string|null $value): bool => $value !== null && $value !== []);
    }

    /** "stop 2%; 50 % at 1%, 50 % at 2%; trailing …" */
    public function __toString(): string
    {
        return implode('; ', array_filter([
            $this->stop === null ? '' : "stop {$this->stop}",
            implode(', ', array_map(strval(...), $this->targets)),
            $this->trail === null ? '' : "trailing {$this->trail}",
            $this->breakEven === null ? '' : "break-even {$this->breakEven}",
            $this->floor === null ? '' : "floor: {$this->floor}",
            $this->times === null ? '' : "out {$this->times}",
        ], static fn (string $words): bool => $words !== ''));
    }
}
