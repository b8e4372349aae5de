<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use Wexon\Core\Study\Average\Average;

/** A running average of the closes. */
final class AverageOfPrice implements Study
{
    private function __construct(private Average $average) {}

    /** @param  class-string<Average>  $kind */
    public static function definition(string $label, string $kind): Definition
    {
        return new Definition($label, ['length' => new Parameter('Length', 20, 1, 500)], ['average'], true, static fn (array $given): self => new self(new $kind((int) $given['length'])));
    }

    public function next(Candle $candle): array
    {
        $average = $this->average->next($candle->close);

        return $average === null ? [] : ['average' => $average];
    }
}
