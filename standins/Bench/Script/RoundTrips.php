<?php

declare(strict_types=1);

namespace Standin\Bench\Script;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * The trades that a script's orders make, each from flat to flat, and their sums.
 *
 * @phpstan-type RoundTrip array{side: string, opened_at: int, closed_at: int, price: string, closed_price: string, size: string, profit: string}
 */
final class RoundTrips
{
    /** @var list<RoundTrip> */
    private array $trades = [];

    /** @var array{Event, BigDecimal, BigDecimal}|null First order, money before it, largest size. */
    private ?array $open = null;

    private BigDecimal $money;

    private BigDecimal $peak;

    private BigDecimal $fall;

    public function __construct()
    {
        $this->money = $this->peak = $this->fall = BigDecimal::zero();
    }

    /** @param  BigDecimal  $money  What the script has made, after this event. */
    public function add(Event $event, BigDecimal $money): void
    {
        if (! $event->trades()) {
            return;
        }
        $flips = $event->before->getSign() * $event->after->getSign() < 0;
        if ($this->open !== null && ($event->after->isZero() || $flips)) {
            [$first, $before, $size] = $this->open;
            $this->trades[] = [
                'side' => $first->after->isPositive() ? 'long' : 'short', 'opened_at' => $first->at, 'closed_at' => $event->at,
                'price' => (string) $first->price, 'closed_price' => (string) $event->price, 'size' => (string) $size, 'profit' => (string) $money->minus($before)->toScale(2, RoundingMode::HALF_EVEN),
            ];
            $this->open = null;
        }
        if (! $event->after->isZero()) {
            $this->open = $this->open === null ? [$event, $flips ? $money : $this->money, $event->after->abs()] : [$this->open[0], $this->open[1], BigDecimal::max($this->open[2], $event->after->abs())];
        }
        $this->money = $money;
    }

    /** The worth of all at a close, for the largest fall. */
    public function mark(BigDecimal $money): void
    {
        $this->peak = BigDecimal::max($this->peak, $money);
        $this->fall = BigDecimal::max($this->fall, $this->peak->minus($money));
    }

    /** @return list<RoundTrip> */
    public function trades(): array
    {
        return $this->trades;
    }

    /** @return array{count: int, won: int, win_share: string|null, profit: string, average_win: string|null, average_loss: string|null, profit_factor: string|null, largest_fall: string} */
    public function summary(BigDecimal $money): array
    {
        $profits = array_map(static fn (array $trade): BigDecimal => BigDecimal::of($trade['profit']), $this->trades);
        $wins = array_values(array_filter($profits, static fn (BigDecimal $profit): bool => $profit->isPositive()));
        $losses = array_values(array_filter($profits, static fn (BigDecimal $profit): bool => $profit->isNegative()));
        $sum = static fn (array $of): BigDecimal => BigDecimal::sum(BigDecimal::zero(), ...$of);
        $over = static fn (BigDecimal $of, BigDecimal|int $by): ?string => BigDecimal::of($by)->isZero() ? null : (string) $of->dividedBy($by, 2, RoundingMode::HALF_EVEN);

        return [
            'count' => count($profits),
            'won' => count($wins),
            'win_share' => $over(BigDecimal::of(100 * count($wins)), count($profits)),
            'profit' => (string) $money->toScale(2, RoundingMode::HALF_EVEN),
            'average_win' => $over($sum($wins), count($wins)),
            'average_loss' => $over($sum($losses), count($losses)),
            'profit_factor' => $over($sum($wins), $sum($losses)->negated()),
            'largest_fall' => (string) $this->fall->toScale(2, RoundingMode::HALF_EVEN),
        ];
    }
}
