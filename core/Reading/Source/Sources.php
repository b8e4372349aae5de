<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use Closure;
use InvalidArgumentException;

/**
 * The sources by name.
 *
 * @phpstan-type SourceSpec array{from: string, at: string}
 */
final class Sources
{
    private const LONGEST = 300;

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::registry());
    }

    /** @throws InvalidArgumentException If there is no such source, or it cannot point there. */
    public static function of(string $from, string $at): Source
    {
        $make = self::registry()[$from] ?? throw new InvalidArgumentException("There is no source “{$from}”; known are ".implode(', ', self::names()).'.');
        if (strlen($at) > self::LONGEST) {
            throw new InvalidArgumentException('Where a field comes from is said in at most '.self::LONGEST.' characters.');
        }

        return $make($at);
    }

    /** @return array<string, Closure(string): Source> */
    private static function registry(): array
    {
        return [
            'key' => static fn (string $at): Source => KeySource::of($at),
            'path' => static fn (string $at): Source => PathSource::of($at),
            'column' => static fn (string $at): Source => ColumnSource::of($at),
            'pattern' => static fn (string $at): Source => PatternSource::of($at),
            'constant' => static fn (string $at): Source => new ConstantSource($at),
        ];
    }
}
