<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Field;

use Wexon\Core\Reading\ReadingError;

/** What a field of the signal holds, and how a value found in a message becomes that. */
interface FieldKind
{
    /** @return list<string> Units that the value can be said to be in; empty when there is no choice. The first is meant when none is said. */
    public function units(): array;

    /**
     * The part of our own message that the value makes; {@see \Wexon\Core\Reading\WexonMessage} checks the whole.
     *
     * @param  string|list<mixed>  $value  Not empty.
     * @return array<string, mixed>
     *
     * @throws ReadingError If the value can be nothing of the kind.
     */
    public function part(string $field, string|array $value, ?string $unit): array;
}
