<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\Numbers;

/** A number; groups of thousands are understood. */
final readonly class NumberKind implements FieldKind
{
    public function units(): array
    {
        return [];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        $text = Scalar::of($field, $value);

        return [$field => Numbers::plain($field === 'share' ? rtrim($text, '% ') : $text) ?? $text];
    }
}
