<?php

declare(strict_types=1);

namespace Wexon\Core\Ladder;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use InvalidArgumentException;
use Wexon\Core\Order\OrderRefusal;
use Wexon\Core\Order\Price\PriceInput;
use Wexon\Core\Position\Fill;
use Wexon\Core\Position\Position;
use Wexon\Core\Signal\OrderSide;
use Wexon\Core\Sizing\Caps;
use Wexon\Core\Sizing\SizeRefusal;
use Wexon\Core\Sizing\SizingInput;

/**
 * Adds that are planned at the entry: level i lies distance × (1 + s + s² + … + sⁱ⁻¹) percent away, against the position,
 * and its size is first × vⁱ⁻¹ of the entry's; s is the spacing factor, v the size factor.
 *
 * @phpstan-type LadderSpec array{levels: int, distance: string, spacing: string, first: string, growth: string, watched?: bool}
 */
final readonly class Ladder
{
    private const MOST = 20;

    /** Digits kept of factors, and more than the tick has of averages. */
    private const SCALE = 18;

    private const FINER = 2;

    private function __construct(
        public int $levels,
        private BigDecimal $distance,
        private BigDecimal $spacing,
        private BigDecimal $first,
        private BigDecimal $growth,
        /** Whether the levels are kept back until the price is there, rather than rest at the venue. */
        public bool $watched,
    ) {}

    /**
     * @param  LadderSpec  $spec
     *
     * @throws InvalidArgumentException If a number will not do.
     */
    public static function of(array $spec): self
    {
        if ($spec['levels'] < 1 || $spec['levels'] > self::MOST) {
            throw new InvalidArgumentException('A ladder has 1 to '.self::MOST." levels; found {$spec['levels']}.");
        }
        $numbers = array_map(static fn (string $field): BigDecimal => BigDecimal::of($spec[$field]), ['distance', 'spacing', 'first', 'growth']);
        foreach ($numbers as $number) {
            if (! $number->isPositive()) {
                throw new InvalidArgumentException("Distance, size and both factors of a ladder are above zero; found {$number}.");
            }
        }

        [$distance, $spacing, $first, $growth] = $numbers;

        return new self($spec['levels'], $distance, $spacing, $first, $growth, $spec['watched'] ?? false);
    }

    /** Percent from the entry to a level. */
    public function distanceTo(int $level): BigDecimal
    {
        $sum = BigDecimal::zero();
        $step = $this->distance;
        for ($i = 1; $i <= $level; $i++) {
            $sum = $sum->plus($step);
            $step = $step->multipliedBy($this->spacing)->toScale(self::SCALE, RoundingMode::HALF_EVEN);
        }

        return $sum;
    }

    /**
     * The entry and the levels below it, as far as the position's cap lets them go.
     *
     * @param  PriceInput  $at  For limits of the entry's side.
     * @return non-empty-list<Rung> The entry first.
     *
     * @throws SizeRefusal If the size of a level is below the venue's least.
     * @throws OrderRefusal If a level would not lie above zero.
     */
    public function rungs(PriceInput $at, BigDecimal $price, BigDecimal $units, SizingInput $sizing, Caps $caps): array
    {
        $position = Position::flat($sizing->instrument->multiplier);
        $rungs = [$this->rung(0, $at->side, $price, $units, $position, $sizing)];
        $size = $units->multipliedBy($this->first);
        for ($level = 1; $level <= $this->levels; $level++) {
            $levelPrice = $at->toTick($at->percentFrom($price, $this->distanceTo($level)));
            $levelUnits = $this->size($size, $level, $levelPrice, $sizing, $caps);
            if (! $caps->allows($position->quantity->abs()->plus($levelUnits), $sizing)) {
                break;
            }
            $rungs[] = $this->rung($level, $at->side, $levelPrice, $levelUnits, $position, $sizing);
            $size = $size->multipliedBy($this->growth)->toScale(self::SCALE, RoundingMode::DOWN);
        }

        return $rungs;
    }

    /** @return LadderSpec */
    public function toArray(): array
    {
        return ['levels' => $this->levels, 'distance' => (string) $this->distance, 'spacing' => (string) $this->spacing, 'first' => (string) $this->first, 'growth' => (string) $this->growth] + ($this->watched ? ['watched' => true] : []);
    }

    /** @throws SizeRefusal */
    private function size(BigDecimal $wanted, int $level, BigDecimal $price, SizingInput $sizing, Caps $caps): BigDecimal
    {
        $units = $sizing->instrument->roundSizeDown($caps->perOrder($wanted, $sizing));
        $least = $sizing->instrument->leastSizeAt($price);

        return $units->isGreaterThanOrEqualTo($least) ? $units : throw new SizeRefusal(
            "Level {$level} of the planned adds is {$units} {$sizing->instrument->kind->unit()} at {$price}: below the least order of {$sizing->instrument->name}, which is {$least} there.",
        );
    }

    /** @param  Position  $position  Becomes the position with this level filled. */
    private function rung(int $level, OrderSide $side, BigDecimal $price, BigDecimal $units, Position &$position, SizingInput $sizing): Rung
    {
        $instrument = $sizing->instrument;
        $position = $position->after(Fill::of($side, $units, $price, $instrument->notional($units, $price)->multipliedBy($instrument->takerFee)));
        $digits = max(0, $instrument->tick->getScale()) + self::FINER;
        $breakEven = $position->breakEven($instrument->takerFee) ?? $price;
        $bounce = $breakEven->minus($price)->multipliedBy(100 * $side->sign())->dividedBy($price, 2, RoundingMode::UP);

        return new Rung(
            $level,
            $price,
            $units,
            $position->quantity->abs(),
            $position->cost->abs()->dividedBy($sizing->leverage, 18, RoundingMode::UP)->plus($position->fees)->multipliedBy($sizing->rate)->toScale(2, RoundingMode::UP),
            ($position->average() ?? $price)->toScale($digits, RoundingMode::HALF_EVEN),
            $breakEven->toScale($digits, RoundingMode::HALF_EVEN),
            $bounce,
        );
    }
}
