<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * A line that follows the price at k average true ranges from the middle of each candle and never gives way; when the
 * close goes through it, the trend flips and the line goes on from the other side. The direction is 1 up, −1 down.
 *
 * The bands are Wilder's volatility stop (New Concepts in Technical Trading Systems, 1978, "Volatility System") taken
 * from the candle's middle.
 */
final class TrendFlip implements Study
{
    private TrueRange $range;

    private ?float $close = null;

    private float $upper = INF;

    private float $lower = -INF;

    private int $direction = 1;

    private function __construct(int $length, private readonly float $factor)
    {
        $this->range = new TrueRange($length);
    }

    public static function definition(): Definition
    {
        return new Definition('Trend flip', [
            'length' => new Parameter('Length of the range', 10, 1, 200),
            'factor' => new Parameter('Ranges away', 3, 0.1, 20, whole: false),
        ], ['line', 'direction'], true, static fn (array $given): self => new self((int) $given['length'], $given['factor']));
    }

    public function next(Candle $candle): array
    {
        $range = $this->range->next($candle)['average'] ?? null;
        $before = $this->close;
        $this->close = $candle->close;
        if ($range === null) {
            return [];
        }
        $away = $this->factor * $range;
        $this->upper = $before !== null && $before > $this->upper ? $candle->middle() + $away : min($this->upper, $candle->middle() + $away);
        $this->lower = $before !== null && $before < $this->lower ? $candle->middle() - $away : max($this->lower, $candle->middle() - $away);
        $this->direction = match (true) {
            $this->direction < 0 && $candle->close > $this->upper => 1,
            $this->direction > 0 && $candle->close < $this->lower => -1,
            default => $this->direction,
        };

        return ['line' => $this->direction > 0 ? $this->lower : $this->upper, 'direction' => (float) $this->direction];
    }
}
