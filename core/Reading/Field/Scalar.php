<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\ReadingError;

/** For fields that hold one thing: a list will not do. */
final class Scalar
{
    /**
     * @param  string|list<mixed>  $value
     *
     * @throws ReadingError
     */
    public static function of(string $field, string|array $value): string
    {
        return is_string($value) ? trim($value) : throw ReadingError::at($field, $value, 'one value; choose one of the list');
    }
}
