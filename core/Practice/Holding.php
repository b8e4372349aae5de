<?php

declare(strict_types=1);

namespace Wexon\Core\Practice;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Instrument\InstrumentKind;
use Wexon\Core\Position\Fill;
use Wexon\Core\Position\Position;

/** A position in a practice venue's books, and the cash that it moves. */
final readonly class Holding
{
    private function __construct(
        public Instrument $instrument,
        public Position $position,
        public BigDecimal $leverage,
        /** Whether it stands with its own margin alone, rather than with all of the account's money. */
        public bool $isIsolated,
    ) {}

    public static function none(Instrument $instrument, int $leverage = 1, bool $isIsolated = true): self
    {
        return new self($instrument, Position::flat($instrument->multiplier), BigDecimal::of($instrument->kind === InstrumentKind::Spot ? 1 : $leverage), $isIsolated);
    }

    public static function of(Instrument $instrument, string $quantity, string $cost, string $realised, string $fees, string $openFees, int $leverage, bool $isIsolated = true): self
    {
        return new self($instrument, Position::of($quantity, $cost, $realised, $fees, $openFees, $instrument->multiplier), BigDecimal::of($leverage), $isIsolated);
    }

    /**
     * @return array{self, BigDecimal} The holding after the fill, and the change of the account's cash: spot is paid in
     *                                 full, a contract moves profit and fees only.
     */
    public function after(Fill $fill): array
    {
        $position = $this->position->after($fill);
        $moved = $this->isSpot()
            ? $this->instrument->notional($fill->quantity, $fill->price)->multipliedBy(-$fill->side->sign())
            : $position->realised->minus($this->position->realised);

        return [new self($this->instrument, $position, $this->leverage, $this->isIsolated), $moved->minus($fill->fee)];
    }

    /** What the holding adds to equity, beside the cash. */
    public function worth(BigDecimal $mark): BigDecimal
    {
        return $this->isSpot() ? $this->position->unrealised($mark)->plus($this->position->cost) : $this->position->unrealised($mark);
    }

    /** What the holding adds to free money: open profit less the margin that it binds; nothing for spot. */
    public function freeing(BigDecimal $mark): BigDecimal
    {
        return $this->isSpot() ? BigDecimal::zero() : $this->position->unrealised($mark)->minus($this->margin());
    }

    /** Money that the open part binds. */
    public function margin(): BigDecimal
    {
        return $this->isSpot() ? BigDecimal::zero() : $this->position->cost->abs()->dividedBy($this->leverage, 18, RoundingMode::UP);
    }

    public function isSpot(): bool
    {
        return $this->instrument->kind === InstrumentKind::Spot;
    }
}
