<?php

declare(strict_types=1);

namespace Wexon\Core\Instrument;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use InvalidArgumentException;

/**
 * Something that a venue trades, with the steps and limits that every order must keep to.
 *
 * @phpstan-import-type HoursSpec from Hours
 *
 * @phpstan-type InstrumentSpec array{name: string, kind: string, currency: string, tick: string, lot_step: string, least_size: string, least_notional: string, multiplier: string, taker_fee: string, largest_leverage?: string, least_distance?: string, maintenance?: string, shortable?: bool, hours?: HoursSpec}
 */
final readonly class Instrument
{
    private function __construct(
        /** The venue's own name for it. */
        public string $name,
        public InstrumentKind $kind,
        /** The currency that its price is in. */
        public string $currency,
        /** Smallest price step, in the quote currency. */
        public BigDecimal $tick,
        /** Smallest size step, in units. */
        public BigDecimal $lotStep,
        /** Smallest size of an order, in units. */
        public BigDecimal $leastSize,
        /** Smallest value of an order, in the quote currency. */
        public BigDecimal $leastNotional,
        /** Value of one unit at a price of one. */
        public BigDecimal $multiplier,
        /** Share of an order's value that the venue takes for a market order; 0.0005 is five hundredths of a percent. */
        public BigDecimal $takerFee,
        /** Null when the venue does not say; 1 where there is none. */
        public ?BigDecimal $largestLeverage,
        /** How far from the market a waiting order's price must lie, in the quote currency; zero: anywhere. */
        public BigDecimal $leastDistance,
        /** Share of a position's value that must be left of its margin, or the venue closes it. */
        public BigDecimal $maintenance,
        /** Whether the venue lets it be sold short now. */
        public bool $shortable,
        /** Null: always. */
        public ?Hours $hours,
    ) {}

    /**
     * @param  InstrumentSpec  $spec
     *
     * @throws InvalidArgumentException If a step is not above zero, or the kind is none that is known.
     * @throws MathException If one of the numbers is none.
     */
    public static function of(array $spec): self
    {
        foreach (['tick', 'lot_step', 'multiplier'] as $step) {
            if (! BigDecimal::of($spec[$step])->isPositive()) {
                throw new InvalidArgumentException("{$spec['name']}: {$step} is {$spec[$step]}, but must be above zero.");
            }
        }

        $kind = InstrumentKind::tryFrom($spec['kind']) ?? throw new InvalidArgumentException("{$spec['name']}: “{$spec['kind']}” is no kind of instrument; known are ".implode(', ', array_column(InstrumentKind::cases(), 'value')).'.');

        return new self(
            $spec['name'],
            $kind,
            $spec['currency'],
            BigDecimal::of($spec['tick']),
            BigDecimal::of($spec['lot_step']),
            BigDecimal::of($spec['least_size']),
            BigDecimal::of($spec['least_notional']),
            BigDecimal::of($spec['multiplier']),
            BigDecimal::of($spec['taker_fee']),
            isset($spec['largest_leverage']) ? BigDecimal::of($spec['largest_leverage']) : null,
            BigDecimal::of($spec['least_distance'] ?? 0),
            BigDecimal::of($spec['maintenance'] ?? 0),
            $kind->canBeShort() && ($spec['shortable'] ?? true),
            isset($spec['hours']) ? Hours::of($spec['hours']) : null,
        );
    }

    /** @return InstrumentSpec */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind->value,
            'currency' => $this->currency,
            'tick' => (string) $this->tick,
            'lot_step' => (string) $this->lotStep,
            'least_size' => (string) $this->leastSize,
            'least_notional' => (string) $this->leastNotional,
            'multiplier' => (string) $this->multiplier,
            'taker_fee' => (string) $this->takerFee,
        ] + ($this->largestLeverage === null ? [] : ['largest_leverage' => (string) $this->largestLeverage])
          + ($this->leastDistance->isZero() ? [] : ['least_distance' => (string) $this->leastDistance])
          + ($this->maintenance->isZero() ? [] : ['maintenance' => (string) $this->maintenance])
          + ($this->shortable === $this->kind->canBeShort() ? [] : ['shortable' => $this->shortable])
          + ($this->hours === null ? [] : ['hours' => $this->hours->toArray()]);
    }

    public function isOpen(DateTimeImmutable $at): bool
    {
        return $this->hours?->isOpen($at) ?? true;
    }

    /** The largest multiple of the lot step that is not more than this size. */
    public function roundSizeDown(BigDecimal $size): BigDecimal
    {
        return $size->dividedBy($this->lotStep, 0, RoundingMode::DOWN)->multipliedBy($this->lotStep);
    }

    /** The smallest multiple of the lot step that is not less than this size. */
    public function roundSizeUp(BigDecimal $size): BigDecimal
    {
        return $size->dividedBy($this->lotStep, 0, RoundingMode::UP)->multipliedBy($this->lotStep);
    }

    /** Value of a size at a price, in the quote currency. */
    public function notional(BigDecimal $size, BigDecimal $price): BigDecimal
    {
        return $size->abs()->multipliedBy($price)->multipliedBy($this->multiplier);
    }

    /** The smallest size that keeps both the least size and the least notional at this price, in lot steps. */
    public function leastSizeAt(BigDecimal $price): BigDecimal
    {
        $byValue = $this->leastNotional->dividedBy($price->multipliedBy($this->multiplier), 18, RoundingMode::UP);

        return $this->roundSizeUp($byValue->isGreaterThan($this->leastSize) ? $byValue : $this->leastSize);
    }
}
