<?php

declare(strict_types=1);

namespace Wexon\Core\Study\Condition\Operand;

use Wexon\Core\Study\Candle;
use Wexon\Core\Study\Studies;
use Wexon\Core\Study\Study;
use Wexon\Core\Study\StudyTrouble;

/** One line of a study. */
final class StudyOperand implements Operand
{
    /** @param  array<array-key, mixed>  $parameters */
    private function __construct(private readonly string $label, private readonly array $parameters, private Study $study, private readonly string $line) {}

    /**
     * @param  array<array-key, mixed>  $spec
     *
     * @throws StudyTrouble
     */
    public static function of(array $spec): self
    {
        $name = is_string($spec['study']) ? $spec['study'] : '';
        $parameters = is_array($spec['parameters'] ?? null) ? $spec['parameters'] : [];
        $definition = Studies::definition($name);
        $line = $spec['line'] ?? $definition->lines[0];
        if (! is_string($line) || ! in_array($line, $definition->lines, true)) {
            throw new StudyTrouble("{$definition->label} has the lines ".implode(', ', $definition->lines).'.');
        }

        return new self($definition->label, $parameters, $definition->make($parameters), $line);
    }

    public function next(Candle $candle): ?float
    {
        return $this->study->next($candle)[$this->line] ?? null;
    }

    public function words(): string
    {
        $numbers = implode(', ', array_filter($this->parameters, is_scalar(...)));

        return trim("{$this->label} {$numbers}").($this->line === 'average' ? '' : ", {$this->line}");
    }
}
