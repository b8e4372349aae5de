<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\Split;

/** Labels of accounts: a list, or a text with commas. */
final readonly class AccountsKind implements FieldKind
{
    public function units(): array
    {
        return [];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        return [$field => is_array($value) ? $value : array_values(array_filter(array_map(trim(...), Split::by('/[,;]/', $value)), static fn (string $label): bool => $label !== ''))];
    }
}
