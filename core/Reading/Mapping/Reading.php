<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Mapping;

use InvalidArgumentException;
use Wexon\Core\Reading\Format\Document;
use Wexon\Core\Reading\ReadingError;
use Wexon\Core\Signal\Signal;

/**
 * How messages of a trader's own shape become signals: docs/schemas/reading-1.json.
 *
 * @phpstan-import-type RuleSpec from FieldRule
 * @phpstan-import-type WordSpec from WordRule
 *
 * @phpstan-type ReadingSpec array{fields: array<string, RuleSpec>, words?: list<WordSpec>}
 */
final readonly class Reading
{
    private const MOST_WORDS = 60;

    /**
     * @param  array<string, FieldRule>  $fields
     * @param  list<WordRule>  $words
     */
    private function __construct(
        private array $fields,
        private array $words,
    ) {}

    /**
     * @param  ReadingSpec  $spec
     *
     * @throws InvalidArgumentException If a part will not do; the message begins with the field.
     */
    public static function of(array $spec): self
    {
        $fields = [];
        foreach ($spec['fields'] as $field => $rule) {
            $fields[$field] = FieldRule::of($field, $rule);
        }
        $words = array_map(WordRule::of(...), $spec['words'] ?? []);
        if (count($words) > self::MOST_WORDS) {
            throw new InvalidArgumentException('words: at most '.self::MOST_WORDS.' rules.');
        }

        return new self($fields, $words);
    }

    /** Whether it can ever say what to do: one that is being written may not yet. */
    public function isComplete(): bool
    {
        return $this->words !== [] || isset($this->fields['do']);
    }

    /** @throws ReadingError If the message cannot be read by it. */
    public function read(Document $document): Signal
    {
        return $this->fill($document)->signal();
    }

    /** @return list<FieldTrace> What was found for each field, right or wrong. */
    public function trace(Document $document): array
    {
        return $this->fill($document)->traces();
    }

    private function fill(Document $document): Filling
    {
        return new Filling($document, $this->fields, $this->meant($document->text), $this->wordTexts());
    }

    /**
     * What the first word rule that takes the text says; null when there are rules and none does.
     *
     * @return array<string, string>|null
     */
    private function meant(string $text): ?array
    {
        foreach ($this->words as $rule) {
            if ($rule->takes($text)) {
                return $rule->then;
            }
        }

        return $this->words === [] ? [] : null;
    }

    /** @return list<string> The texts that the word rules look for. */
    private function wordTexts(): array
    {
        return array_map(static fn (WordRule $rule): string => $rule->text, $this->words);
    }

    /** @return ReadingSpec */
    public function toArray(): array
    {
        return [
            'fields' => array_map(static fn (FieldRule $rule): array => $rule->toArray(), $this->fields),
            'words' => array_map(static fn (WordRule $rule): array => $rule->toArray(), $this->words),
        ];
    }
}
