<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use InvalidArgumentException;
use Wexon\Core\Reading\Format\Document;

/** The value of a key at the top of the message. Upper and lower case are the same unless both are there. */
final readonly class KeySource implements Source
{
    private function __construct(private string $key) {}

    /** @throws InvalidArgumentException If the key is empty. */
    public static function of(string $key): self
    {
        return trim($key) === '' ? throw new InvalidArgumentException('Name the key that the value stands at.') : new self(trim($key));
    }

    public function find(Document $document): mixed
    {
        if (isset($document->values[$this->key])) {
            return $document->values[$this->key];
        }
        foreach ($document->values as $key => $value) {
            if (strcasecmp((string) $key, $this->key) === 0) {
                return $value;
            }
        }

        return null;
    }

    public function words(): string
    {
        return "key “{$this->key}”";
    }

    public function toArray(): array
    {
        return ['from' => 'key', 'at' => $this->key];
    }
}
