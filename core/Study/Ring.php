<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

/** The last n numbers. */
final class Ring
{
    /** @var array<int, float> In no order. */
    private array $numbers = [];

    private int $at = 0;

    public function __construct(private readonly int $length) {}

    /** @return float|null The number that had to make room; null as long as there was room. */
    public function push(float $number): ?float
    {
        $gone = $this->numbers[$this->at] ?? null;
        $this->numbers[$this->at] = $number;
        $this->at = ($this->at + 1) % $this->length;

        return $gone;
    }

    /** @return non-empty-array<int, float>|null In no order; null as long as there are fewer than n. */
    public function all(): ?array
    {
        return count($this->numbers) < $this->length || $this->numbers === [] ? null : $this->numbers;
    }
}
