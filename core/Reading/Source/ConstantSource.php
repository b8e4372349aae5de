<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use Wexon\Core\Reading\Format\Document;

/** Always the same text, whatever the message says. */
final readonly class ConstantSource implements Source
{
    public function __construct(private string $text) {}

    public function find(Document $document): mixed
    {
        return $this->text;
    }

    public function words(): string
    {
        return 'always this';
    }

    public function toArray(): array
    {
        return ['from' => 'constant', 'at' => $this->text];
    }
}
