<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition;

use Wexon\Core\Study\StudyTrouble;

/**
 * Conditions as data.
 *
 * @phpstan-type OperandSpec array<string, mixed>
 */
final class Conditions
{
    private const MOST_TERMS = 12;

    private const DEEPEST = 4;

    /**
     * @param  array<array-key, mixed>  $spec  {"join": "and" or "or", "terms": […]}, or one term: {"left": operand, "is": comparison, "right": operand}.
     *                                         An operand is {"price": "close"}, {"number": 38.4}, {"study": name, "parameters": {…}, "line": name}
     *                                         or {"line_from": [milliseconds, price], "line_to": […]}.
     *
     * @throws StudyTrouble If it means nothing.
     */
    public static function of(array $spec, int $depth = 0): Condition
    {
        if (! array_key_exists('join', $spec)) {
            return Term::of($spec);
        }
        $terms = $spec['terms'] ?? null;
        if (! is_array($terms) || $terms === [] || count($terms) > self::MOST_TERMS || $depth >= self::DEEPEST) {
            throw new StudyTrouble('A condition joins 1 to '.self::MOST_TERMS.' terms, in at most '.self::DEEPEST.' levels.');
        }
        if (! in_array($spec['join'], ['and', 'or'], true)) {
            throw new StudyTrouble('Terms are joined by “and” or by “or”.');
        }

        return new Joined($spec['join'] === 'and', array_map(static fn (mixed $term): Condition => self::of(is_array($term) ? $term : [], $depth + 1), array_values($terms)));
    }
}
