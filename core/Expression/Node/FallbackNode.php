<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;

/** first ?? second: the second when the first is not there. */
final readonly class FallbackNode implements Node
{
    public function __construct(private Node $first, private Node $second) {}

    public function value(array $values): BigDecimal|string|bool|null
    {
        return $this->first->value($values) ?? $this->second->value($values);
    }
}
