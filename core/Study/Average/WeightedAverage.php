<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Average;

/** The last n numbers, the newest n times, the one before n − 1 times … ÷ the sum of these weights. */
final class WeightedAverage implements Average
{
    /** @var list<float> Oldest first. */
    private array $last = [];

    public function __construct(private readonly int $length) {}

    public function next(float $number): ?float
    {
        $this->last[] = $number;
        if (count($this->last) < $this->length) {
            return null;
        }
        $this->last = array_slice($this->last, -$this->length);
        $sum = 0.0;
        foreach ($this->last as $i => $one) {
            $sum += $one * ($i + 1);
        }

        return $sum * 2 / ($this->length * ($this->length + 1));
    }
}
