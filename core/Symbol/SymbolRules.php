<?php

declare(strict_types=1);

namespace Wexon\Core\Symbol;

use InvalidArgumentException;

/** What charts write before and behind the ticker of one venue, and what does not count. */
final readonly class SymbolRules
{
    private const MOST = 30;

    /**
     * @param  list<string>  $prefixes
     * @param  list<string>  $suffixes
     */
    private function __construct(public array $prefixes, public array $suffixes) {}

    /**
     * @param  list<string>  $prefixes
     * @param  list<string>  $suffixes
     *
     * @throws InvalidArgumentException If there are too many, or one is too long.
     */
    public static function of(array $prefixes, array $suffixes): self
    {
        foreach ([...$prefixes, ...$suffixes] as $part) {
            if (mb_strlen($part) > self::MOST) {
                throw new InvalidArgumentException("“{$part}” is too long for a prefix or suffix.");
            }
        }
        if (max(count($prefixes), count($suffixes)) > self::MOST) {
            throw new InvalidArgumentException('At most '.self::MOST.' prefixes and suffixes.');
        }

        return new self(self::clean($prefixes), self::clean($suffixes));
    }

    /**
     * @param  list<string>  $parts
     * @return list<string>
     */
    private static function clean(array $parts): array
    {
        $capitals = array_map(static fn (string $part): string => strtoupper(trim($part)), $parts);

        return array_values(array_unique(array_filter($capitals, static fn (string $part): bool => $part !== '')));
    }

    /** "QS:MARLUSD.P" without its prefix and suffix, in capitals: "MARLUSD". */
    public function bare(string $ticker): string
    {
        $ticker = strtoupper(trim($ticker));
        foreach ($this->prefixes as $prefix) {
            if (str_starts_with($ticker, $prefix) && strlen($ticker) > strlen($prefix)) {
                $ticker = substr($ticker, strlen($prefix));
                break;
            }
        }
        foreach ($this->suffixes as $suffix) {
            if (str_ends_with($ticker, $suffix) && strlen($ticker) > strlen($suffix)) {
                return substr($ticker, 0, -strlen($suffix));
            }
        }

        return $ticker;
    }
}
