<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

/** Text as it is. */
final readonly class TextKind implements FieldKind
{
    public function units(): array
    {
        return [];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        return [$field => Scalar::of($field, $value)];
    }
}
