<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** By how many percent the close differs from that of n candles before. J. J. Murphy, Technical Analysis of the Financial Markets, 1999, chapter 10. */
final class RateOfChange implements Study
{
    private readonly Ring $closes;

    private function __construct(int $length)
    {
        $this->closes = new Ring($length);
    }

    public static function definition(): Definition
    {
        return new Definition('Rate of change', ['length' => new Parameter('Length', 10, 1, 300)], ['percent'], false, static fn (array $given): self => new self((int) $given['length']));
    }

    public function next(Candle $candle): array
    {
        $then = $this->closes->push($candle->close);

        return $then === null || $then === 0.0 ? [] : ['percent' => 100 * ($candle->close / $then - 1)];
    }
}
