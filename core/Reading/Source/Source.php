<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Source;

use Wexon\Core\Reading\Format\Document;

/**
 * Where a field of the signal comes from in a message.
 *
 * @phpstan-import-type SourceSpec from Sources
 */
interface Source
{
    /** Text, a list or an object as the message holds it; null when it does not. */
    public function find(Document $document): mixed;

    /** For error messages: "key “action”". */
    public function words(): string;

    /** @return SourceSpec */
    public function toArray(): array;
}
