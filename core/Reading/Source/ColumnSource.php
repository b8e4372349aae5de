<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use InvalidArgumentException;
use Wexon\Core\Reading\Format\Document;

/** One of several separated values, the first being 1. */
final readonly class ColumnSource implements Source
{
    private const MOST = 200;

    private function __construct(private int $column) {}

    /** @throws InvalidArgumentException If it is no number of a column. */
    public static function of(string $column): self
    {
        $number = ctype_digit(trim($column)) ? (int) trim($column) : 0;

        return $number < 1 || $number > self::MOST ? throw new InvalidArgumentException("“{$column}” is no column: the first is 1.") : new self($number);
    }

    public function find(Document $document): mixed
    {
        return array_values($document->values)[$this->column - 1] ?? null;
    }

    public function words(): string
    {
        return "column {$this->column}";
    }

    public function toArray(): array
    {
        return ['from' => 'column', 'at' => (string) $this->column];
    }
}
