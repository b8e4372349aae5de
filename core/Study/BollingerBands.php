<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/**
 * The simple average of the last n closes, and bands k standard deviations (of those n as the whole population) above and
 * below it. Its share (%b) is where the close lies between them: 0 at the lower band, 1 at the upper.
 * J. Bollinger, Bollinger on Bollinger Bands, 2001.
 */
final class BollingerBands implements Study
{
    private readonly Ring $closes;

    private function __construct(private readonly int $length, private readonly float $factor)
    {
        $this->closes = new Ring($length);
    }

    public static function definition(): Definition
    {
        return new Definition('Bollinger bands', [
            'length' => new Parameter('Length', 20, 2, 300),
            'factor' => new Parameter('Deviations', 2, 0.1, 10, whole: false),
        ], ['middle', 'upper', 'lower', 'share'], true, static fn (array $given): self => new self((int) $given['length'], $given['factor']));
    }

    public function next(Candle $candle): array
    {
        $this->closes->push($candle->close);
        $closes = $this->closes->all();
        if ($closes === null) {
            return [];
        }
        $middle = array_sum($closes) / $this->length;
        $squares = 0.0;
        foreach ($closes as $close) {
            $squares += ($close - $middle) ** 2;
        }
        $away = $this->factor * sqrt($squares / $this->length);

        return ['middle' => $middle, 'upper' => $middle + $away, 'lower' => $middle - $away, 'share' => $away === 0.0 ? 0.5 : ($candle->close - $middle + $away) / (2 * $away)];
    }
}
