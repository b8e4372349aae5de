<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;
use InvalidArgumentException;

/** A number, a text, true, false or null as written. */
final readonly class LiteralNode implements Node
{
    private function __construct(private BigDecimal|string|bool|null $literal) {}

    /** @throws InvalidArgumentException If it is none of them. */
    public static function of(mixed $literal): self
    {
        return new self(match (true) {
            is_int($literal) => BigDecimal::of($literal),
            // The lexer makes a float of it; its shortest text is what was written.
            is_float($literal) => BigDecimal::of((string) json_encode($literal)),
            is_string($literal), is_bool($literal), $literal === null => $literal,
            default => throw new InvalidArgumentException('An expression has no lists: compare with “or” instead.'),
        });
    }

    public function value(array $values): BigDecimal|string|bool|null
    {
        return $this->literal;
    }
}
