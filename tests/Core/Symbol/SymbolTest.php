<?php

declare(strict_types=1);

namespace Tests\Core\Symbol;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Worlds;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Symbol\SymbolGuess;
use Wexon\Core\Symbol\SymbolMap;
use Wexon\Core\Symbol\SymbolRules;

final class SymbolTest extends TestCase
{
    /** @param  list<string>  $expected */
    #[DataProvider('guesses')]
    public function test_it_guesses(string $ticker, array $expected): void
    {
        $instruments = [];
        foreach (['marl_spot' => 'spot', 'marl_perp' => 'perpetual', 'tufa_spot' => 'spot', 'chert_perp' => 'perpetual'] as $name => $kind) {
            $instruments[] = Worlds::instrument(['name' => $name, 'kind' => $kind]);
        }
        $names = array_map(static fn (Instrument $instrument): string => $instrument->name, SymbolGuess::of($ticker, $instruments, SymbolRules::of(['QS:'], [])));

        self::assertSame($expected, $names);
    }

    /** @return iterable<array{string, list<string>}> */
    public static function guesses(): iterable
    {
        yield 'a pair' => ['TUFA/USD', ['tufa_spot']];
        yield 'without a slash, and nothing that only shares the currency' => ['tufausd', ['tufa_spot']];
        yield 'with the exchange before it' => ['QS:MARLUSD.P', ['marl_perp', 'marl_spot']];
        yield 'an exchange that no rule names' => ['ROCKS:CHERTUSD', ['chert_perp']];
        yield 'a letter off' => ['TUFFA', ['tufa_spot']];
        yield 'the venue\'s own name' => ['MARL_SPOT', ['marl_spot', 'marl_perp']];
        yield 'nothing like it' => ['ZZQ', []];
    }

    #[DataProvider('links')]
    public function test_a_confirmed_link_is_found(string $ticker, ?string $instrument): void
    {
        $map = SymbolMap::of(SymbolRules::of(['qs:', 'Rock-'], ['.p', '!']), ['MARLUSD' => 'marl_perp', 'QS:TUFA' => 'tufa_spot']);

        self::assertSame($instrument, $map->instrument($ticker));
    }

    /** @return iterable<array{string, string|null}> */
    public static function links(): iterable
    {
        yield 'as it is' => ['marlusd', 'marl_perp'];
        yield 'with prefix and suffix' => ['QS:MARLUSD.P', 'marl_perp'];
        yield 'with another prefix' => ['rock-MarlUsd!', 'marl_perp'];
        yield 'linked with its prefix' => ['QS:TUFA', 'tufa_spot'];
        yield 'that link is not one without it' => ['TUFA', null];
        yield 'a prefix that no rule names' => ['XX:MARLUSD', null];
        yield 'nothing but a prefix' => ['QS:', null];
    }
}
