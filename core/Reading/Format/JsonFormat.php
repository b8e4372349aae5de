<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Format;

use Wexon\Core\Reading\MendedJson;

/** A JSON object; a list of them; or several, one after the other. */
final readonly class JsonFormat implements Format
{
    public function name(): string
    {
        return 'json';
    }

    public function take(string $text): ?array
    {
        if ($text[0] !== '{' && $text[0] !== '[') {
            return null;
        }
        $whole = MendedJson::decode($text);
        if ($whole !== null) {
            [$values, $notes] = $whole;

            return is_array($values) ? self::documents($text, $values, $notes) : null;
        }

        return self::oneAfterTheOther($text);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $notes
     * @return list<Document>
     */
    private static function documents(string $text, array $values, array $notes): array
    {
        if (! array_is_list($values)) {
            return [Document::of($text, $values, $notes)];
        }
        $objects = array_filter($values, static fn (mixed $value): bool => is_array($value) && ! array_is_list($value));
        if (count($objects) !== count($values) || $values === []) {
            return [Document::of($text, $values, $notes)];
        }
        if (count($objects) === 1) {
            return [Document::of($text, $objects[0] ?? [], $notes)];
        }

        return array_values(array_map(static fn (array $object): Document => Document::of(self::written($object), $object, $notes), $objects));
    }

    /** @return list<Document>|null */
    private static function oneAfterTheOther(string $text): ?array
    {
        $documents = [];
        foreach (BalancedObjects::in($text, outside: false) ?? [] as $piece) {
            [$values, $notes] = MendedJson::decode($piece) ?? [null, []];
            if (! is_array($values)) {
                return null;
            }
            $documents[] = Document::of($piece, $values, $notes);
        }

        return count($documents) < 2 ? null : $documents;
    }

    /** @param  array<array-key, mixed>  $object */
    private static function written(array $object): string
    {
        return (string) json_encode($object, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
