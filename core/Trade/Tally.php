<?php

declare(strict_types=1);

namespace Wexon\Core\Trade;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * What a number of trades came to, in one currency.
 *
 * @phpstan-type TallyArray array{count: int, won: int, win_share: string|null, profit: string, average_win: string|null, average_loss: string|null, profit_factor: string|null, largest_fall: string, multiple: string|null}
 */
final readonly class Tally
{
    private function __construct(
        public int $count,
        public int $won,
        public BigDecimal $profit,
        private BigDecimal $gains,
        /** Below zero. */
        private BigDecimal $losses,
        /** The largest fall of the sum of profits from any peak before, above zero. */
        public BigDecimal $largestFall,
        /** Sum of profit ÷ first risk over the trades that had a stop; null when none had. */
        private ?BigDecimal $multiple,
    ) {}

    /** @param  list<ClosedTrade>  $trades  In the order in which they were closed. */
    public static function of(array $trades): self
    {
        $sum = $peak = $fall = $gains = $losses = BigDecimal::zero();
        $multiple = null;
        $won = 0;
        foreach ($trades as $trade) {
            $sum = $sum->plus($trade->profit);
            $peak = BigDecimal::max($peak, $sum);
            $fall = BigDecimal::max($fall, $peak->minus($sum));
            $won += $trade->profit->isPositive() ? 1 : 0;
            $gains = $trade->profit->isPositive() ? $gains->plus($trade->profit) : $gains;
            $losses = $trade->profit->isNegative() ? $losses->plus($trade->profit) : $losses;
            if ($trade->risk?->isPositive() === true) {
                $multiple = ($multiple ?? BigDecimal::zero())->plus($trade->profit->dividedBy($trade->risk, 8, RoundingMode::HALF_EVEN));
            }
        }

        return new self(count($trades), $won, $sum, $gains, $losses, $fall, $multiple);
    }

    /** @return TallyArray Money to two digits; nothing where it would be a division by zero. */
    public function toArray(): array
    {
        $lost = $this->count - $this->won;

        return [
            'count' => $this->count,
            'won' => $this->won,
            'win_share' => $this->count === 0 ? null : (string) BigDecimal::of($this->won * 100)->dividedBy($this->count, 1, RoundingMode::HALF_UP),
            'profit' => (string) $this->profit->toScale(2, RoundingMode::HALF_UP),
            'average_win' => $this->won === 0 ? null : (string) $this->gains->dividedBy($this->won, 2, RoundingMode::HALF_UP),
            'average_loss' => $lost === 0 ? null : (string) $this->losses->dividedBy($lost, 2, RoundingMode::HALF_UP),
            'profit_factor' => $this->losses->isZero() ? null : (string) $this->gains->dividedBy($this->losses->abs(), 2, RoundingMode::HALF_UP),
            'largest_fall' => (string) $this->largestFall->toScale(2, RoundingMode::HALF_UP),
            'multiple' => $this->multiple === null ? null : (string) $this->multiple->toScale(2, RoundingMode::HALF_UP),
        ];
    }
}
