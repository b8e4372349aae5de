<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\Numbers;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Signal\Distance;
use Wexon\Core\Signal\DistanceKind as Kinds;

/** A price, or how far away something is. A unit that stands behind the number counts more than the one chosen. */
final readonly class DistanceKind implements FieldKind
{
    public function units(): array
    {
        return [Kinds::At->value, ...array_values(array_diff(array_column(Kinds::cases(), 'value'), [Kinds::At->value]))];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        return [$field => self::distance($field, Scalar::of($field, $value), $unit)];
    }

    /**
     * @return array<string, string>
     *
     * @throws ReadingError If it is neither a price nor a distance.
     */
    public static function distance(string $field, string $text, ?string $unit): array
    {
        $number = Numbers::plain($text);
        if ($number !== null) {
            return [$unit ?? Kinds::At->value => $number];
        }

        return Distance::written(str_replace(' ', '', $text))?->toArray() ?? throw ReadingError::at($field, $text, 'a price or a distance, such as 38.46, 2% or 12ticks', Numbers::within($text));
    }
}
