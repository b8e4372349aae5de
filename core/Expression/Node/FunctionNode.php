<?php

declare(strict_types=1);

namespace Wexon\Core\Expression\Node;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use Wexon\Core\Expression\Functions;
use Wexon\Core\Expression\Values;

/** One of {@see Functions}. */
final readonly class FunctionNode implements Node
{
    /** @param  list<Node>  $arguments */
    private function __construct(private string $name, private array $arguments) {}

    /**
     * @param  list<Node>  $arguments
     *
     * @throws InvalidArgumentException If there is no such function, or it takes another number of arguments.
     */
    public static function of(string $name, array $arguments): self
    {
        [$fewest, $most] = Functions::all()[$name] ?? throw new InvalidArgumentException("There is no function “{$name}”; known are ".implode(', ', array_keys(Functions::all())).'.');
        if (count($arguments) < $fewest || count($arguments) > $most) {
            throw new InvalidArgumentException("{$name}() takes ".($fewest === $most ? $fewest : "{$fewest} to {$most}").' values; found '.count($arguments).'.');
        }

        return new self($name, $arguments);
    }

    public function value(array $values): BigDecimal|string|bool|null
    {
        $function = Functions::all()[$this->name][2];
        $value = $function(...array_map(static fn (Node $argument): BigDecimal|string|bool|null => $argument->value($values), $this->arguments));

        return is_bool($value) || $value === null ? $value : Values::bounded($value);
    }
}
