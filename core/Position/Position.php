<?php

declare(strict_types=1);

namespace Wexon\Core\Position;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Signal\Side;

/**
 * What an account holds of one instrument, and what it has made with it so far.
 *
 * The cost is kept instead of the average price: it is exact, so that realised + unrealised − fees always equals the
 * change in equity to the last digit, however often the position was added to and reduced.
 */
final readonly class Position
{
    /** Digits kept where a cost is split; 18 is what the database stores. */
    private const SCALE = 18;

    private function __construct(
        /** Units; below zero when short. */
        public BigDecimal $quantity,
        /** Price paid for what is open: the sum of quantity × price × multiplier, below zero when short, in the quote currency. */
        public BigDecimal $cost,
        /** Profit of everything closed so far, before fees, in the quote currency. */
        public BigDecimal $realised,
        /** All fees so far, in the quote currency. */
        public BigDecimal $fees,
        /** The part of the fees that belongs to what is open now. */
        public BigDecimal $openFees,
        /** Value of one unit at a price of one. */
        public BigDecimal $multiplier,
    ) {}

    public static function flat(BigDecimal|string $multiplier = '1'): self
    {
        return self::of('0', '0', '0', '0', '0', $multiplier);
    }

    public static function of(
        BigDecimal|string $quantity,
        BigDecimal|string $cost,
        BigDecimal|string $realised = '0',
        BigDecimal|string $fees = '0',
        BigDecimal|string $openFees = '0',
        BigDecimal|string $multiplier = '1',
    ): self {
        return new self(
            BigDecimal::of($quantity),
            BigDecimal::of($cost),
            BigDecimal::of($realised),
            BigDecimal::of($fees),
            BigDecimal::of($openFees),
            BigDecimal::of($multiplier),
        );
    }

    public function side(): ?Side
    {
        return match ($this->quantity->getSign()) {
            1 => Side::Long,
            -1 => Side::Short,
            default => null,
        };
    }

    public function isFlat(): bool
    {
        return $this->quantity->isZero();
    }

    /** Price per unit paid for what is open; null when flat. */
    public function average(): ?BigDecimal
    {
        return $this->isFlat() ? null : $this->cost->dividedBy($this->quantity->multipliedBy($this->multiplier), self::SCALE, RoundingMode::HALF_EVEN);
    }

    /**
     * The position after one more fill. A fill beyond the whole position closes it and opens the rest on the other side.
     */
    public function after(Fill $fill): self
    {
        $signed = $fill->quantity->multipliedBy($fill->side->sign());
        $against = ! $this->isFlat() && $this->quantity->getSign() !== $signed->getSign();
        if (! $against) {
            return $this->opened($signed, $fill->price, $fill->fee);
        }
        $closing = BigDecimal::min($fill->quantity, $this->quantity->abs());
        $closingFee = $this->share($fill->fee, $closing, $fill->quantity);
        $closed = $this->closed($closing, $fill->price, $closingFee);
        $rest = $fill->quantity->minus($closing);

        return $rest->isZero() ? $closed : $closed->opened($rest->multipliedBy($fill->side->sign()), $fill->price, $fill->fee->minus($closingFee));
    }

    /** Profit of what is open, before fees, if it were valued at this price. */
    public function unrealised(BigDecimal $mark): BigDecimal
    {
        return $this->quantity->multipliedBy($mark)->multipliedBy($this->multiplier)->minus($this->cost);
    }

    /** Everything made so far with this instrument, fees taken off, if what is open were valued at this price. */
    public function result(BigDecimal $mark): BigDecimal
    {
        return $this->realised->plus($this->unrealised($mark))->minus($this->fees);
    }

    /**
     * The price at which closing now would give back exactly what the open part has cost, fees of both sides included;
     * null when flat.
     *
     * @param  BigDecimal  $exitFee  Share of the order's value that the venue takes at the exit.
     */
    public function breakEven(BigDecimal $exitFee): ?BigDecimal
    {
        if ($this->isFlat()) {
            return null;
        }
        $kept = BigDecimal::one()->minus($exitFee->multipliedBy($this->quantity->getSign()));

        return $this->cost->plus($this->openFees)
            ->dividedBy($this->quantity->multipliedBy($this->multiplier)->multipliedBy($kept), self::SCALE, RoundingMode::HALF_EVEN);
    }

    private function opened(BigDecimal $signed, BigDecimal $price, BigDecimal $fee): self
    {
        return new self(
            $this->quantity->plus($signed),
            $this->cost->plus($signed->multipliedBy($price)->multipliedBy($this->multiplier)),
            $this->realised,
            $this->fees->plus($fee),
            $this->openFees->plus($fee),
            $this->multiplier,
        );
    }

    private function closed(BigDecimal $units, BigDecimal $price, BigDecimal $fee): self
    {
        $signed = $units->multipliedBy($this->quantity->getSign());
        $costOfPart = $this->share($this->cost, $units, $this->quantity->abs());
        $proceeds = $signed->multipliedBy($price)->multipliedBy($this->multiplier);

        return new self(
            $this->quantity->minus($signed),
            $this->cost->minus($costOfPart),
            $this->realised->plus($proceeds)->minus($costOfPart),
            $this->fees->plus($fee),
            $this->openFees->minus($this->share($this->openFees, $units, $this->quantity->abs())),
            $this->multiplier,
        );
    }

    private function share(BigDecimal $amount, BigDecimal $part, BigDecimal $whole): BigDecimal
    {
        return $part->isEqualTo($whole)
            ? $amount
            : $amount->multipliedBy($part)->dividedBy($whole, self::SCALE, RoundingMode::HALF_EVEN);
    }
}
