<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Expression\Values;

/** What stands before a value: −, + or not. */
final readonly class SignNode implements Node
{
    private function __construct(private string $sign, private Node $of) {}

    /** @throws InvalidArgumentException If there is no such sign. */
    public static function of(string $sign, Node $of): self
    {
        return in_array($sign, ['-', '+', 'not', '!'], true) ? new self($sign, $of) : throw new InvalidArgumentException("“{$sign}” cannot stand before a value.");
    }

    public function value(array $values): BigDecimal|bool
    {
        $value = $this->of->value($values);

        return match ($this->sign) {
            '-' => Values::number($value)->negated(),
            '+' => Values::number($value),
            default => ! Values::truth($value),
        };
    }
}
