<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;
use Wexon\Core\Expression\Expression;
use Wexon\Core\Expression\ExpressionTrouble;

/**
 * One part of an expression.
 *
 * @phpstan-import-type Value from Expression
 */
interface Node
{
    /**
     * @param  array<string, Value>  $values  By field.
     *
     * @throws ExpressionTrouble If it cannot be worked out.
     */
    public function value(array $values): BigDecimal|string|bool|null;
}
