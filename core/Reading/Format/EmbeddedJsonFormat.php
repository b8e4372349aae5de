<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

use Wexon\Core\Reading\MendedJson;

/** Text with a JSON object somewhere inside it. */
final readonly class EmbeddedJsonFormat implements Format
{
    public function name(): string
    {
        return 'text_with_json';
    }

    public function take(string $text): ?array
    {
        if (! str_contains($text, '{') || ! str_contains($text, ':')) {
            return null;
        }
        $documents = [];
        foreach (BalancedObjects::in($text, outside: true) ?? [] as $piece) {
            [$values, $notes] = MendedJson::decode($piece) ?? [null, []];
            if (is_array($values) && $values !== []) {
                $documents[] = Document::of($piece, $values, $notes);
            }
        }

        // A single object keeps the text around it, which a pattern may want.
        return count($documents) === 1 ? [Document::of($text, $documents[0]->values, $documents[0]->notes)] : ($documents === [] ? null : $documents);
    }
}
