<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use InvalidArgumentException;
use Wexon\Core\Reading\Format\Document;
use Wexon\Core\Reading\Pattern;

/** What a regular expression finds in the text: its group named “value”, or its first group, or all of it. */
final readonly class PatternSource implements Source
{
    private function __construct(private Pattern $pattern) {}

    /** @throws InvalidArgumentException If it is no regular expression. */
    public static function of(string $pattern): self
    {
        return new self(Pattern::of($pattern));
    }

    public function find(Document $document): mixed
    {
        $found = $this->pattern->groups($document->text);

        return $found === null ? null : $found['value'] ?? $found[1] ?? $found[0] ?? null;
    }

    public function words(): string
    {
        return "pattern “{$this->pattern->written}”";
    }

    public function toArray(): array
    {
        return ['from' => 'pattern', 'at' => $this->pattern->written];
    }
}
