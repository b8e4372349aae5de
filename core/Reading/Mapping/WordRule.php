<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Mapping;

use InvalidArgumentException;
use Wexon\Core\Reading\Field\SignalFields;
use Wexon\Core\Reading\Pattern;

/**
 * When the text is, begins with, contains or matches something, then this is meant.
 *
 * @phpstan-type WordSpec array{when: string, text: string, then: array<string, string>}
 */
final readonly class WordRule
{
    public const WHEN = ['is', 'begins', 'contains', 'matches'];

    /** @param  array<string, string>  $then  Field => value. */
    private function __construct(
        private string $when,
        public string $text,
        private ?Pattern $pattern,
        public array $then,
    ) {}

    /**
     * @param  WordSpec  $spec
     *
     * @throws InvalidArgumentException If it will not do.
     */
    public static function of(array $spec): self
    {
        $text = trim($spec['text']);
        if (! in_array($spec['when'], self::WHEN, true)) {
            throw new InvalidArgumentException("words: “{$spec['when']}” is no way to compare; known are ".implode(', ', self::WHEN).'.');
        }
        if ($text === '') {
            throw new InvalidArgumentException('words: a rule needs the text to look for.');
        }
        $unknown = array_diff(array_keys($spec['then']), SignalFields::names());
        if ($unknown !== [] || $spec['then'] === []) {
            throw new InvalidArgumentException("words: the rule for “{$text}” must say what is meant, by the fields ".implode(', ', SignalFields::names()).'.');
        }

        return new self($spec['when'], $text, $spec['when'] === 'matches' ? Pattern::of($text) : null, $spec['then']);
    }

    public function takes(string $text): bool
    {
        if ($this->pattern !== null) {
            return $this->pattern->groups($text) !== null;
        }
        $text = self::folded($text);
        $wanted = self::folded($this->text);

        return match ($this->when) {
            'is' => $text === $wanted,
            'begins' => str_starts_with($text, $wanted),
            default => str_contains($text, $wanted),
        };
    }

    /** @return WordSpec */
    public function toArray(): array
    {
        return ['when' => $this->when, 'text' => $this->text, 'then' => $this->then];
    }

    /** Case and the width of blanks do not matter. */
    private static function folded(string $text): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $text)));
    }
}
