<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\Nearest;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Reading\Split;
use Wexon\Core\Signal\Action;

/** What to do, alone or with its side: "exit", "exit long", "cancel all". */
final readonly class ActionKind implements FieldKind
{
    public function units(): array
    {
        return [];
    }

    public function part(string $field, string|array $value, ?string $unit): array
    {
        $words = Split::by('/[\s_-]+/', strtolower(Scalar::of($field, $value)));
        $action = Action::tryFrom($words[0] ?? '');
        if ($action === null || count($words) > 2) {
            $expected = 'one of '.implode(', ', Action::words()).'; a translation makes it one of them';
            throw ReadingError::at($field, $value, $expected, Nearest::of(Scalar::of($field, $value), Action::words()));
        }

        return ['do' => $action->value] + match (true) {
            count($words) < 2 => [],
            $words[1] === 'all' => $action === Action::Cancel ? ['all' => true] : [],
            default => ['side' => $words[1]],
        };
    }
}
