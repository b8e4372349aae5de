<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Expression\Operators;

/** Two values and what stands between them: one of {@see Operators}. */
final readonly class OperatorNode implements Node
{
    private function __construct(private string $operator, private Node $left, private Node $right) {}

    /** @throws InvalidArgumentException If there is no such operator. */
    public static function of(string $operator, Node $left, Node $right): self
    {
        if (! isset(Operators::all()[$operator])) {
            throw new InvalidArgumentException("“{$operator}” is no operator here; known are ".implode(' ', array_keys(Operators::all())).'.');
        }

        return new self($operator, $left, $right);
    }

    public function value(array $values): BigDecimal|string|bool|null
    {
        return Operators::all()[$this->operator]($this->left->value($values), fn (): BigDecimal|string|bool|null => $this->right->value($values));
    }
}
