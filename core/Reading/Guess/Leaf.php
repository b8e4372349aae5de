<?php

declare(strict_types=1);

namespace Wexon\Core\Reading\Guess;

use Wexon\Core\Reading\Format\Document;

/** One value in a message, and how a reading would point at it. */
final readonly class Leaf
{
    private const MOST = 200;

    private const DEEPEST = 6;

    private function __construct(
        public string $from,
        public string $at,
        /** The last part of where it stands, in lower-case letters and digits alone. */
        public string $name,
        /** The same with the part before it: "positionsize" of position.size. */
        public string $fullName,
        /** Of a list of values, the first. */
        public string $value,
    ) {}

    /** @return list<self> */
    public static function all(Document $document): array
    {
        $leaves = [];
        self::collect($document->values, '', '', array_is_list($document->values) && $document->values !== [], $leaves, 0);

        return $leaves;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<self>  $leaves
     */
    private static function collect(array $values, string $path, string $parent, bool $columns, array &$leaves, int $depth): void
    {
        foreach ($values as $key => $value) {
            if (count($leaves) >= self::MOST || $depth > self::DEEPEST) {
                return;
            }
            $step = is_int($key) ? "[{$key}]" : (preg_match('/^[A-Za-z_]\w*$/', $key) === 1 ? $key : '"'.addcslashes($key, '"\\').'"');
            $at = is_int($key) || $path === '' ? $path.$step : "{$path}.{$step}";
            $name = strtolower((string) preg_replace('/[^A-Za-z0-9]/', '', (string) $key));
            $isListOfValues = is_array($value) && array_is_list($value) && is_string($value[0] ?? null);
            if (is_array($value) && ! $isListOfValues) {
                self::collect($value, $at, $name, false, $leaves, $depth + 1);
            } elseif ($isListOfValues || is_string($value) || is_bool($value)) {
                $text = is_bool($value) ? ($value ? 'true' : 'false') : (is_array($value) ? $value[0] : $value);
                [$from, $where] = match (true) {
                    $columns && is_int($key) => ['column', (string) ($key + 1)],
                    $path === '' => ['key', (string) $key],
                    default => ['path', $at],
                };
                $leaves[] = new self($from, $where, $name, $parent.$name, $text);
            }
        }
    }
}
