<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Mapping;

use InvalidArgumentException;
use Wexon\Core\Expression\Expression;
use Wexon\Core\Reading\Field\FieldKind;
use Wexon\Core\Reading\Field\SignalFields;
use Wexon\Core\Reading\Source\Source;
use Wexon\Core\Reading\Source\Sources;

/**
 * How one field of the signal is filled.
 *
 * @phpstan-type RuleSpec array{from: string, at: string, translate?: array<string, string>, unit?: string|null, required?: bool, default?: string|null}
 */
final readonly class FieldRule
{
    private const MOST_TRANSLATIONS = 100;

    /** @param  array<string, string>  $translate  By the found value in lower case. */
    private function __construct(
        public string $field,
        public FieldKind $kind,
        public Source|Expression $source,
        public array $translate,
        public ?string $unit,
        public bool $required,
        public ?string $default,
    ) {}

    /**
     * @param  RuleSpec  $spec
     *
     * @throws InvalidArgumentException If it will not do; the message begins with the field.
     */
    public static function of(string $field, array $spec): self
    {
        $kind = SignalFields::all()[$field]['kind'] ?? throw new InvalidArgumentException("{$field}: there is no such field; known are ".implode(', ', SignalFields::names()).'.');
        $unit = $spec['unit'] ?? null;
        if ($unit !== null && ! in_array($unit, $kind->units(), true)) {
            throw new InvalidArgumentException("{$field}: “{$unit}” is no unit of it; known are ".implode(', ', $kind->units()).'.');
        }
        $translate = [];
        foreach ($spec['translate'] ?? [] as $found => $meant) {
            $translate[mb_strtolower(trim($found))] = trim($meant);
        }
        if (count($translate) > self::MOST_TRANSLATIONS) {
            throw new InvalidArgumentException("{$field}: at most ".self::MOST_TRANSLATIONS.' translations.');
        }
        try {
            $source = $spec['from'] === 'expression'
                ? Expression::of($spec['at'], array_values(array_diff(SignalFields::names(), [$field])))
                : Sources::of($spec['from'], $spec['at']);
        } catch (InvalidArgumentException $trouble) {
            throw new InvalidArgumentException("{$field}: {$trouble->getMessage()}");
        }

        return new self($field, $kind, $source, $translate, $unit, $spec['required'] ?? false, ($spec['default'] ?? '') === '' ? null : ($spec['default'] ?? null));
    }

    /** Where it comes from, in words. */
    public function words(): string
    {
        return $this->source instanceof Expression ? "expression “{$this->source->written}”" : $this->source->words();
    }

    /** @return RuleSpec */
    public function toArray(): array
    {
        $where = $this->source instanceof Expression ? ['from' => 'expression', 'at' => $this->source->written] : $this->source->toArray();

        return $where
            + ($this->translate === [] ? [] : ['translate' => $this->translate])
            + ($this->unit === null ? [] : ['unit' => $this->unit])
            + ($this->required ? ['required' => true] : [])
            + ($this->default === null ? [] : ['default' => $this->default]);
    }
}
