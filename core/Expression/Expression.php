<?php

declare(strict_types=1);

namespace Wexon\Core\Expression;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Symfony\Component\ExpressionLanguage\Lexer;
use Symfony\Component\ExpressionLanguage\Parser;
use Symfony\Component\ExpressionLanguage\SyntaxError;
use Wexon\Core\Expression\Node\Node;

/**
 * A sum or a choice over the fields of a message, such as "position_size * 2" or "label contains 'add' ? 'add' : 'enter'".
 *
 * Symfony's parser reads it; the tree is then made of our own nodes, which know decimals, texts and yes or no, and
 * nothing of PHP: no objects, methods, constants or classes, and no functions but those of {@see Functions}.
 *
 * @phpstan-type Value BigDecimal|string|bool|null
 */
final readonly class Expression
{
    private const LONGEST = 300;

    private const DEEPEST = 20;

    private function __construct(
        public string $written,
        private Node $root,
        /** @var list<string> The fields that it looks at. */
        public array $names,
    ) {}

    /**
     * @param  list<string>  $names  Fields that it may look at.
     *
     * @throws InvalidArgumentException If it is no expression, or uses what it may not.
     */
    public static function of(string $written, array $names): self
    {
        $written = trim($written);
        if ($written === '' || strlen($written) > self::LONGEST) {
            throw new InvalidArgumentException('An expression has one to '.self::LONGEST.' characters.');
        }
        try {
            $tree = (new Parser(Functions::forParser()))->parse((new Lexer)->tokenize($written), $names);
        } catch (SyntaxError $error) {
            throw new InvalidArgumentException("“{$written}” is no expression: ".lcfirst($error->getMessage()).(str_contains($error->getMessage(), 'Variable') ? ' Known are '.implode(', ', $names).'.' : ''));
        }
        $translated = (new Translation(self::DEEPEST))->of($tree);

        return new self($written, $translated, array_values(array_filter($names, static fn (string $name): bool => preg_match('/(?<!\w)'.preg_quote($name, '/').'(?!\w)/', $written) === 1)));
    }

    /**
     * @param  array<string, Value>  $values  By field; one that is not there is null.
     *
     * @throws ExpressionTrouble If a part of it cannot be worked out, such as a division by zero.
     */
    public function value(array $values): BigDecimal|string|bool|null
    {
        return $this->root->value($values);
    }
}
