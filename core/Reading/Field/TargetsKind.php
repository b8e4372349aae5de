<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\Split;

/** One target or several: a price, a text such as "1.5%:50 3%:50", or a list of them. */
final readonly class TargetsKind implements FieldKind
{
    public function units(): array
    {
        return (new DistanceKind)->units();
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        $given = is_array($value) ? $value : Split::by('/[\s,;|]+/', trim($value));
        $targets = [];
        foreach ($given as $one) {
            if (! is_string($one)) {
                throw ReadingError::at($field, $one, 'prices or distances; choose the part of the list that holds them');
            }
            $parts = explode(':', $one, 2);
            $share = $parts[1] ?? null;
            $targets[] = DistanceKind::distance($field, trim($parts[0]), $unit) + ($share === null ? [] : ['share' => rtrim(trim($share), '%')]);
        }

        return [$field => $targets];
    }
}
