<?php

declare(strict_types=1);

namespace Wexon\Core\Protection;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Signal\Side;

/**
 * Where the protection of an open position stands. Events make a new one of it: {@see Event\Event}.
 *
 * @phpstan-import-type ProtectionSpec from ProtectionRules
 * @phpstan-import-type TargetStateArray from TargetState
 *
 * @phpstan-type ProtectionArray array{rules: ProtectionSpec, side: string, message: string|null, quantity: string, average: string, break_even: string, best: string, risk: string|null, stop: string|null, why: string, targets: list<TargetStateArray>, exit_at: string|null, opened_at: string, closing: string|null}
 */
final readonly class Protection
{
    private const TIME = 'Y-m-d\TH:i:s.up';

    private const SCALE = 18;

    /** @param  list<TargetState>  $targets  Those that are not done, in the order of their numbers. */
    public function __construct(
        public ProtectionRules $rules,
        public Side $side,
        /** The price in the message, for a stop that depends on it. */
        public ?BigDecimal $message,
        /** Units held, never below zero; zero until the first fill. */
        public BigDecimal $quantity,
        public BigDecimal $average,
        /** Fees of both sides included. */
        public BigDecimal $breakEven,
        /** The best price that closing would have got so far. */
        public BigDecimal $best,
        /** Distance from the first average to the first stop; null when there was none. */
        public ?BigDecimal $risk,
        public ?BigDecimal $stop,
        public StopReason $why,
        public array $targets,
        public ?DateTimeImmutable $exitAt,
        public DateTimeImmutable $openedAt,
        /** Why everything is being closed; null while it is not. */
        public ?string $closing,
    ) {}

    public static function planned(ProtectionRules $rules, Side $side, ?BigDecimal $message, DateTimeImmutable $now): self
    {
        $zero = BigDecimal::zero();

        return new self($rules, $side, $message, $zero, $zero, $zero, $zero, null, null, StopReason::Stop, [], null, $now, null);
    }

    /** @param  ProtectionArray  $stored */
    public static function fromArray(array $stored): self
    {
        $decimal = static fn (?string $number): ?BigDecimal => $number === null ? null : BigDecimal::of($number);

        return new self(
            ProtectionRules::of($stored['rules']),
            Side::from($stored['side']),
            $decimal($stored['message']),
            BigDecimal::of($stored['quantity']),
            BigDecimal::of($stored['average']),
            BigDecimal::of($stored['break_even']),
            BigDecimal::of($stored['best']),
            $decimal($stored['risk']),
            $decimal($stored['stop']),
            StopReason::from($stored['why']),
            array_map(TargetState::fromArray(...), $stored['targets']),
            $stored['exit_at'] === null ? null : new DateTimeImmutable($stored['exit_at']),
            new DateTimeImmutable($stored['opened_at']),
            $stored['closing'],
        );
    }

    /**
     * The same with some parts otherwise.
     *
     * @param  array{rules?: ProtectionRules, quantity?: BigDecimal, average?: BigDecimal, breakEven?: BigDecimal, best?: BigDecimal, risk?: BigDecimal|null, stop?: BigDecimal|null, why?: StopReason, targets?: list<TargetState>, exitAt?: DateTimeImmutable|null, openedAt?: DateTimeImmutable, closing?: string|null}  $parts  By the constructor's names.
     */
    public function with(array $parts): self
    {
        return new self(
            $parts['rules'] ?? $this->rules,
            $this->side,
            $this->message,
            $parts['quantity'] ?? $this->quantity,
            $parts['average'] ?? $this->average,
            $parts['breakEven'] ?? $this->breakEven,
            $parts['best'] ?? $this->best,
            $parts['risk'] ?? $this->risk,
            $parts['stop'] ?? $this->stop,
            $parts['why'] ?? $this->why,
            $parts['targets'] ?? $this->targets,
            $parts['exitAt'] ?? $this->exitAt,
            $parts['openedAt'] ?? $this->openedAt,
            array_key_exists('closing', $parts) ? $parts['closing'] : $this->closing,
        );
    }

    public function withoutStop(): self
    {
        $rules = $this->rules->withoutStop();

        return new self($rules, $this->side, $this->message, $this->quantity, $this->average, $this->breakEven, $this->best, $this->risk, null, StopReason::Stop, $this->targets, $this->exitAt, $this->openedAt, $this->closing);
    }

    /** With the stop at a price, unless that would loosen it. */
    public function tightened(Levels $levels, ?BigDecimal $price, StopReason $why): self
    {
        if ($price === null) {
            return $this;
        }
        $price = $levels->toTick($price);

        return $this->stop === null || $levels->isBetter($price, $this->stop) ? $this->with(['stop' => $price, 'why' => $why]) : $this;
    }

    /**
     * What each target would close now: its share of what is held, to the lot step; the last takes what is left when
     * nothing is to stay.
     *
     * @return array<int, BigDecimal> By number; only what an order could be.
     */
    public function quantities(Instrument $instrument): array
    {
        $rest = $this->rules->rest();
        $whole = $this->shares();
        $quantities = [];
        $open = $this->quantity;
        foreach ($this->targets as $i => $target) {
            $isLast = $i === count($this->targets) - 1 && $rest->isZero();
            $share = $isLast || $whole->isZero() ? $open : $this->quantity->multipliedBy($target->left)->dividedBy($whole, self::SCALE, RoundingMode::DOWN);
            $quantities[$target->number] = BigDecimal::min($instrument->roundSizeDown($share), $open);
            $open = $open->minus($quantities[$target->number]);
        }

        return array_filter($quantities, static fn (BigDecimal $units): bool => $units->isPositive() && $units->isGreaterThanOrEqualTo($instrument->leastSize));
    }

    /** What is left of all shares, in percent of the first whole, with what no target takes. */
    public function shares(): BigDecimal
    {
        return BigDecimal::sum($this->rules->rest(), ...array_map(static fn (TargetState $target): BigDecimal => $target->left, $this->targets));
    }

    public function target(int $number): ?TargetState
    {
        foreach ($this->targets as $target) {
            if ($target->number === $number) {
                return $target;
            }
        }

        return null;
    }

    /** @return ProtectionArray */
    public function toArray(): array
    {
        $text = static fn (?BigDecimal $number): ?string => $number === null ? null : (string) $number;

        return [
            'rules' => $this->rules->toArray(),
            'side' => $this->side->value,
            'message' => $text($this->message),
            'quantity' => (string) $this->quantity,
            'average' => (string) $this->average,
            'break_even' => (string) $this->breakEven,
            'best' => (string) $this->best,
            'risk' => $text($this->risk),
            'stop' => $text($this->stop),
            'why' => $this->why->value,
            'targets' => array_map(static fn (TargetState $target): array => $target->toArray(), $this->targets),
            'exit_at' => $this->exitAt?->format(self::TIME),
            'opened_at' => $this->openedAt->format(self::TIME),
            'closing' => $this->closing,
        ];
    }
}
