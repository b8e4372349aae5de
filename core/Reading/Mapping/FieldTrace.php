<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Mapping;

/** What was found for one field, and what became of it. */
final readonly class FieldTrace
{
    private function __construct(
        public string $field,
        /** Where it was looked for. */
        public string $source,
        /** As the message holds it; null when it was not there. */
        public ?string $found,
        /** After default and translation. */
        public ?string $value,
        public ?string $error,
        public ?string $nearest,
    ) {}

    public static function of(string $field, string $source, ?string $found, ?string $value, ?string $error = null, ?string $nearest = null): self
    {
        return new self($field, $source, $found, $value, $error, $nearest);
    }

    /** @return array{field: string, source: string, found: string|null, value: string|null, error: string|null, nearest: string|null} */
    public function toArray(): array
    {
        return ['field' => $this->field, 'source' => $this->source, 'found' => $this->found, 'value' => $this->value, 'error' => $this->error, 'nearest' => $this->nearest];
    }
}
