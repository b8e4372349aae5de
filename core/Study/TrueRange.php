<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Wexon\Core\Study\Average\SmoothedAverage;

/** The true range of each candle, and its smoothed average (ATR). J. W. Wilder, New Concepts in Technical Trading Systems, 1978. */
final class TrueRange implements Study
{
    private ?float $before = null;

    private SmoothedAverage $average;

    public function __construct(int $length)
    {
        $this->average = new SmoothedAverage($length);
    }

    public static function definition(): Definition
    {
        return new Definition('True range', ['length' => new Parameter('Length of the average', 14, 1, 200)], ['range', 'average'], false, static fn (array $given): self => new self((int) $given['length']));
    }

    /** @return array{range: float, average?: float} */
    public function next(Candle $candle): array
    {
        $range = $candle->trueRange($this->before);
        $this->before = $candle->close;
        $average = $this->average->next($range);

        return ['range' => $range] + ($average === null ? [] : ['average' => $average]);
    }
}
