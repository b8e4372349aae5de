<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** By how many percent the close differs from that of n candles before. J. J. Murphy, Technical Analysis of the Financial Markets, 1999, chapter 10. */
final class RateOfChange implements Study
{
    /** @var array<int, float> In a ring. */
    private array $closes = [];

    private int $at = 0;

    private function __construct(private readonly int $length) {}

    public static function definition(): Definition
    {
        return new Definition('Rate of change', ['length' => new Parameter('Length', 10, 1, 300)], ['percent'], false, static fn (array $given): self => new self((int) $given['length']));
    }

    public function next(Candle $candle): array
    {
        $then = $this->closes[$this->at] ?? null;
        $this->closes[$this->at] = $candle->close;
        $this->at = ($this->at + 1) % $this->length;

        return $then === null || $then === 0.0 ? [] : ['percent' => 100 * ($candle->close / $then - 1)];
    }
}
