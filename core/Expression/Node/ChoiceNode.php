<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;
use Wexon\Core\Expression\Values;

/** If ? then : else. Only the one that is chosen is worked out. */
final readonly class ChoiceNode implements Node
{
    public function __construct(private Node $if, private Node $then, private Node $else) {}

    public function value(array $values): BigDecimal|string|bool|null
    {
        return Values::truth($this->if->value($values)) ? $this->then->value($values) : $this->else->value($values);
    }
}
