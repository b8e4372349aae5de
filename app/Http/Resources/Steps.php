<?php

namespace App\Http\Resources;

/** The steps of a trace as the API gives them: their numbers are an object even when there are none. */
final class Steps
{
    /**
     * @param  list<array{station: string, verdict: string, sentence: string, numbers: array<string, string>}>  $steps
     * @return list<array{station: string, verdict: string, sentence: string, numbers: object}>
     */
    public static function of(array $steps): array
    {
        return array_map(static fn (array $step): array => [...$step, 'numbers' => (object) $step['numbers']], $steps);
    }
}
