<?php

declare(strict_types=1);

namespace Launch\Steps;

use FilesystemIterator;
use Launch\Place;
use RecursiveCallbackFilterIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Remembers from which files something was made, so that it is made again only when they change. */
final class Stamp
{
    private const MADE_ELSEWHERE = ['node_modules', 'schema.d.ts', 'openapi.json'];

    /**
     * @param  list<string>  $sources  Files and folders below the root.
     * @param  callable(): mixed  $make
     */
    public static function unlessMade(string $result, array $sources, callable $make): void
    {
        $hash = self::hash($sources);
        $file = Place::root()."/var/stamps/{$hash[0]}-".md5($result);
        if (file_exists(Place::root()."/{$result}") && is_file($file) && file_get_contents($file) === $hash) {
            return;
        }
        $make();
        is_dir(dirname($file)) || mkdir(dirname($file), 0700, true);
        array_map(unlink(...), glob(dirname($file).'/*-'.md5($result)) ?: []);
        file_put_contents($file, $hash);
    }

    /** @param  list<string>  $sources */
    private static function hash(array $sources): string
    {
        $hashes = [];
        foreach ($sources as $source) {
            $path = Place::root()."/{$source}";
            foreach (is_dir($path) ? self::files($path) : [$path] as $file) {
                $hashes[] = $file.md5_file($file);
            }
        }
        sort($hashes);

        return md5(implode("\n", $hashes));
    }

    /** @return iterable<string> */
    private static function files(string $folder): iterable
    {
        $wanted = new RecursiveCallbackFilterIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            static fn (SplFileInfo $file): bool => ! in_array($file->getFilename(), self::MADE_ELSEWHERE, true),
        );
        foreach (new RecursiveIteratorIterator($wanted) as $file) {
            yield (string) $file;
        }
    }
}
