<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * What a script believes to hold: its position, what it made, and its resting orders. Nobody tells it what really happened
 * at a venue.
 */
final class Book
{
    private const SCALE = 12;

    private BigDecimal $position;

    private BigDecimal $average;

    private BigDecimal $realised;

    private BigDecimal $fees;

    /** @var array<string, Wish> By label, in the order in which they were placed. */
    private array $resting = [];

    /**
     * @param  BigDecimal  $fee  Share of an order's value.
     * @param  BigDecimal  $multiplier  Units of value in one of size: of a lot, or 1.
     */
    public function __construct(private readonly BigDecimal $fee, private readonly BigDecimal $multiplier)
    {
        $this->position = $this->average = $this->realised = $this->fees = BigDecimal::zero();
    }

    public function position(): BigDecimal
    {
        return $this->position;
    }

    public function average(): BigDecimal
    {
        return $this->average;
    }

    public function fees(): BigDecimal
    {
        return $this->fees;
    }

    /** What was made by closing, fees taken off. */
    public function realised(): BigDecimal
    {
        return $this->realised->minus($this->fees);
    }

    /** What would have been made if all were closed at a price. */
    public function money(BigDecimal $price): BigDecimal
    {
        return $this->realised()->plus($price->minus($this->average)->multipliedBy($this->position)->multipliedBy($this->multiplier));
    }

    /** @return array<string, Wish> */
    public function resting(): array
    {
        return $this->resting;
    }

    public function rest(Wish $order): void
    {
        $this->resting[$order->label] = $order;
    }

    public function takeBack(string $label): void
    {
        unset($this->resting[$label]);
    }

    /** @return 'long'|'short'|'flat' */
    public function side(): string
    {
        return match ($this->position->getSign()) {
            1 => 'long',
            -1 => 'short',
            default => 'flat',
        };
    }

    public function fill(Wish $order, BigDecimal $price): void
    {
        $size = $order->size ?? BigDecimal::zero();
        $signed = $order->side === 'buy' ? $size : $size->negated();
        $this->fees = $this->fees->plus($size->multipliedBy($price)->multipliedBy($this->multiplier)->multipliedBy($this->fee));
        $after = $this->position->plus($signed);
        $closes = $this->position->getSign() === -$signed->getSign();
        if ($closes) {
            $closed = BigDecimal::min($this->position->abs(), $size)->multipliedBy($this->position->getSign());
            $this->realised = $this->realised->plus($price->minus($this->average)->multipliedBy($closed)->multipliedBy($this->multiplier));
        }
        $this->average = match (true) {
            $after->isZero() => BigDecimal::zero(),
            $closes => $after->getSign() === $this->position->getSign() ? $this->average : $price,
            default => $this->average->multipliedBy($this->position->abs())->plus($price->multipliedBy($size))->dividedBy($after->abs(), self::SCALE, RoundingMode::HALF_EVEN),
        };
        $this->position = $after;
    }
}
