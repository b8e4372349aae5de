<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * The highest high and lowest low of the n candles before this one, and their middle: so that a close can lie outside.
 * R. Donchian's four-week rule; R. D. Donchian, High Finance in Copper, Financial Analysts Journal, 1960.
 */
final class DonchianChannel implements Study
{
    private Extremes $extremes;

    /** @var array{float, float}|null */
    private ?array $before = null;

    private function __construct(int $length)
    {
        $this->extremes = new Extremes($length);
    }

    public static function definition(): Definition
    {
        return new Definition('Donchian channel', ['length' => new Parameter('Length', 20, 1, 300)], ['upper', 'lower', 'middle'], true, static fn (array $given): self => new self((int) $given['length']));
    }

    public function next(Candle $candle): array
    {
        $before = $this->before;
        $this->before = $this->extremes->next($candle);

        return $before === null ? [] : ['upper' => $before[0], 'lower' => $before[1], 'middle' => ($before[0] + $before[1]) / 2];
    }
}
