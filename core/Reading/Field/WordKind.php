<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

/** One of a few words. */
final readonly class WordKind implements FieldKind
{
    public function units(): array
    {
        return [];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        return [$field => strtolower(Scalar::of($field, $value))];
    }
}
