<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\Times;

/** A time: ISO 8601, or a count since 1970. */
final readonly class TimeKind implements FieldKind
{
    private const BY_LENGTH = 'iso or since 1970';

    public function units(): array
    {
        return [self::BY_LENGTH, 'seconds since 1970', 'milliseconds since 1970'];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        $text = Scalar::of($field, $value);
        $time = $unit === null || $unit === self::BY_LENGTH ? Times::read($text) : Times::since1970($text, str_starts_with($unit, 'milliseconds'));

        return [$field => ($time ?? throw ReadingError::at($field, $text, $unit === null || $unit === self::BY_LENGTH ? 'an ISO 8601 time, or seconds or milliseconds since 1970' : $unit))->format('Y-m-d\TH:i:s.up')];
    }
}
