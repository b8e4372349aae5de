<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;

/** What the message says in a field; null when it says nothing. */
final readonly class FieldNode implements Node
{
    public function __construct(private string $field) {}

    public function value(array $values): BigDecimal|string|bool|null
    {
        return $values[$this->field] ?? null;
    }
}
