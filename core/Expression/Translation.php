<?php

declare(strict_types=1);

namespace Wexon\Core\Expression;

use InvalidArgumentException;
use Symfony\Component\ExpressionLanguage\Node as Symfony;
use Wexon\Core\Expression\Node\ChoiceNode;
use Wexon\Core\Expression\Node\FallbackNode;
use Wexon\Core\Expression\Node\FieldNode;
use Wexon\Core\Expression\Node\FunctionNode;
use Wexon\Core\Expression\Node\LiteralNode;
use Wexon\Core\Expression\Node\Node;
use Wexon\Core\Expression\Node\OperatorNode;
use Wexon\Core\Expression\Node\SignNode;

/** Makes our own tree of the one that Symfony's parser made. What it does not know here, no expression can do. */
final readonly class Translation
{
    public function __construct(private int $depthLeft) {}

    /** @throws InvalidArgumentException If there is a kind of node that expressions may not have. */
    public function of(Symfony\Node $node): Node
    {
        if ($this->depthLeft === 0) {
            throw new InvalidArgumentException('The expression is nested too deep: say it in fewer steps.');
        }
        $inner = new self($this->depthLeft - 1);

        return match ($node::class) {
            Symfony\ConstantNode::class => LiteralNode::of($node->attributes['value'] ?? null),
            Symfony\NameNode::class => new FieldNode(self::name($node)),
            Symfony\UnaryNode::class => SignNode::of(self::attribute($node, 'operator'), $inner->part($node, 'node')),
            Symfony\BinaryNode::class => OperatorNode::of(self::attribute($node, 'operator'), $inner->part($node, 'left'), $inner->part($node, 'right')),
            Symfony\ConditionalNode::class => new ChoiceNode($inner->part($node, 'expr1'), $inner->part($node, 'expr2'), $inner->part($node, 'expr3')),
            Symfony\NullCoalesceNode::class => new FallbackNode($inner->part($node, 'expr1'), $inner->part($node, 'expr2')),
            Symfony\NullCoalescedNameNode::class => new FieldNode(self::name($node)),
            Symfony\FunctionNode::class => FunctionNode::of(self::name($node), $inner->parts($node)),
            default => throw new InvalidArgumentException('An expression has fields, numbers, texts, sums, comparisons, choices and functions; nothing else, and no part of a field behind a dot or in brackets.'),
        };
    }

    private function part(Symfony\Node $node, string $name): Node
    {
        $part = $node->nodes[$name] ?? null;

        return $part instanceof Symfony\Node ? $this->of($part) : throw new InvalidArgumentException('A part of the expression is missing.');
    }

    /** @return list<Node> The arguments of a function. */
    private function parts(Symfony\Node $node): array
    {
        $arguments = $node->nodes['arguments'] ?? null;
        $parts = $arguments instanceof Symfony\Node ? array_keys($arguments->nodes) : [];

        return $arguments instanceof Symfony\Node ? array_map(fn (int|string $name): Node => $this->part($arguments, (string) $name), $parts) : [];
    }

    private static function name(Symfony\Node $node): string
    {
        return self::attribute($node, 'name');
    }

    private static function attribute(Symfony\Node $node, string $name): string
    {
        $value = $node->attributes[$name] ?? null;

        return is_string($value) ? $value : throw new InvalidArgumentException('A part of the expression is missing.');
    }
}
