<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Wexon\Core\Study\Average\SmoothedAverage;

/**
 * RSI: 100 − 100 ÷ (1 + average rise ÷ average fall) of the closes, both smoothed over n.
 * J. W. Wilder, New Concepts in Technical Trading Systems, 1978.
 */
final class RelativeStrength implements Study
{
    private ?float $before = null;

    private SmoothedAverage $rises;

    private SmoothedAverage $falls;

    private function __construct(int $length)
    {
        $this->rises = new SmoothedAverage($length);
        $this->falls = new SmoothedAverage($length);
    }

    public static function definition(): Definition
    {
        return new Definition('RSI', ['length' => new Parameter('Length', 14, 2, 200)], ['rsi'], false, static fn (array $given): self => new self((int) $given['length']));
    }

    public function next(Candle $candle): array
    {
        $change = $this->before === null ? null : $candle->close - $this->before;
        $this->before = $candle->close;
        if ($change === null) {
            return [];
        }
        $rise = $this->rises->next(max($change, 0.0));
        $fall = $this->falls->next(max(-$change, 0.0));
        if ($rise === null || $fall === null) {
            return [];
        }

        // Neither risen nor fallen: the middle.
        return ['rsi' => $rise + $fall === 0.0 ? 50.0 : 100 * $rise / ($rise + $fall)];
    }
}
