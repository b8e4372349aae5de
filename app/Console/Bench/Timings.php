<?php

namespace App\Console\Bench;

/** A set of times, in seconds. */
final readonly class Timings
{
    /** @param  list<float>  $sorted */
    private function __construct(private array $sorted) {}

    /** @param  list<float>  $times At least one. */
    public static function of(array $times): self
    {
        sort($times);

        return new self($times);
    }

    /** Milliseconds below which this share of the times lies. */
    public function percentile(float $share): string
    {
        return number_format(1000 * $this->sorted[(int) floor($share * (count($this->sorted) - 1))], 1);
    }

    /** @return array{string, string, string, string} A row of the report. */
    public function row(string $what, ?float $perSecond = null): array
    {
        return [$what, $perSecond === null ? '' : number_format($perSecond), $this->percentile(0.5), $this->percentile(0.99)];
    }
}
