<?php

declare(strict_types=1);

namespace Wexon\Core\Symbol;

use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Instrument\InstrumentKind;

/** Which of a venue's instruments a chart's ticker may mean, the likeliest first. A guess: it is used once it is confirmed. */
final class SymbolGuess
{
    private const MOST = 3;

    /** Below this, a likeness is none. */
    private const LEAST = 65;

    /** What charts write behind tickers of contracts. */
    private const CONTRACT = '/(?:[.:_-]?(?:P|PERP|PERPETUAL|SWAP|FUT))$/';

    /**
     * @param  list<Instrument>  $instruments
     * @return list<Instrument> The likeliest first.
     */
    public static function of(string $ticker, array $instruments, SymbolRules $rules): array
    {
        return array_column(self::ranked($ticker, $instruments, $rules), 1);
    }

    /**
     * @param  list<Instrument>  $instruments
     * @return list<array{int, Instrument}> With how likely each is; 100 and more is the same name.
     */
    public static function ranked(string $ticker, array $instruments, SymbolRules $rules): array
    {
        $scored = [];
        foreach ($instruments as $instrument) {
            $score = self::likeness($ticker, $rules, $instrument);
            if ($score >= self::LEAST) {
                $scored[] = [$score, $instrument];
            }
        }
        usort($scored, static fn (array $left, array $right): int => [$right[0], $left[1]->name] <=> [$left[0], $right[1]->name]);

        return array_slice($scored, 0, self::MOST);
    }

    /** What is traded counts, not the currency it is traded for: every ticker of a venue may end in that. */
    private static function likeness(string $ticker, SymbolRules $rules, Instrument $instrument): int
    {
        $written = strtoupper(trim($ticker));
        $says = preg_match(self::CONTRACT, $written) === 1 ? InstrumentKind::Perpetual : null;
        $bare = self::letters((string) preg_replace(self::CONTRACT, '', $rules->bare($written)));
        $currency = self::letters($instrument->currency);
        $core = str_ends_with($bare, $currency) && strlen($bare) > strlen($currency) ? substr($bare, 0, -strlen($currency)) : $bare;
        $base = self::letters((string) preg_replace('/[._-].*$/', '', strtoupper($instrument->name)));
        similar_text($core, $base, $percent);
        $score = match (true) {
            $core === $base, $bare === self::letters($instrument->name) => 100,
            // An exchange's name in front: ROCKSMARLUSD.
            strlen($base) >= 3 && str_contains($core, $base) => 80,
            default => (int) min(75, $percent),
        };

        return $score + ($says === null ? 0 : ($says === $instrument->kind ? 5 : -5));
    }

    private static function letters(string $text): string
    {
        return (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($text));
    }
}
