<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use Eris\Generators;
use Eris\TestTrait;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Instrument\Instrument;
use Wexon\Core\Market\Quote;
use Wexon\Core\Position\Fill;
use Wexon\Core\Route\NearestSymbol;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\OrderSide;

final class InstrumentTest extends TestCase
{
    use TestTrait;

    /** The least size is enough, and one step less is not. */
    public function test_the_least_size_is_the_least(): void
    {
        $this->forAll(Generators::choose(1, 90_000_000), Generators::elements('0.001', '0.1', '1', '7'), Generators::elements('0', '5', '12.5'))
            ->then(function (int $price, string $step, string $leastNotional): void {
                $instrument = Worlds::instrument(['lot_step' => $step, 'least_size' => $step, 'least_notional' => $leastNotional]);
                $price = BigDecimal::ofUnscaledValue($price, 4);
                $least = $instrument->leastSizeAt($price);
                $enough = static fn (BigDecimal $size): bool => $size->isGreaterThanOrEqualTo($instrument->leastSize)
                    && $instrument->notional($size, $price)->isGreaterThanOrEqualTo($instrument->leastNotional);

                self::assertTrue($enough($least));
                self::assertFalse($enough($least->minus($step)));
                self::assertTrue($instrument->roundSizeDown($least)->isEqualTo($least));
                self::assertTrue($instrument->roundSizeUp($least->minus('0.0001'))->isEqualTo($least));
            });
    }

    public function test_it_survives_being_stored(): void
    {
        $instrument = Worlds::instrument(['multiplier' => '100000', 'lot_step' => '0.01']);

        self::assertEquals($instrument, Instrument::of($instrument->toArray()));
    }

    #[DataProvider('marks')]
    public function test_a_position_is_valued_at_what_closing_it_would_get(string $quantity, string $mark): void
    {
        $quote = Quote::of('39.99', '40.02', new DateTimeImmutable('2026-03-02'));

        self::assertSame($mark, (string) $quote->markFor(BigDecimal::of($quantity)));
    }

    /** @return array<string, array{string, string}> */
    public static function marks(): array
    {
        return ['long: the bid' => ['3', '39.99'], 'short: the ask' => ['-3', '40.02'], 'flat: the middle' => ['0', '40.005']];
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_in_words(callable $make, string $words): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        $make();
    }

    /** @return array<string, array{callable(): mixed, string}> */
    public static function nonsense(): array
    {
        $at = new DateTimeImmutable('2026-03-02');
        $route = static fn (array $changes): callable => static fn () => RouteRules::of([
            'legs' => [['symbol' => 'A', 'instrument' => 'a']], 'sides' => 'both', 'opposite' => 'ignore', 'size' => ['rule' => 'from_message'], ...$changes,
        ]);

        return [
            'no tick' => [static fn () => Worlds::instrument(['tick' => '0']), 'marl_perp: tick is 0'],
            'a crossed quote' => [static fn () => Quote::of('2', '1', $at), 'found bid 2, ask 1'],
            'a free quote' => [static fn () => Quote::of('0', '1', $at), '0 < bid'],
            'a fill of nothing' => [static fn () => Fill::of(OrderSide::Buy, '0', '1'), 'found 0 at 1'],
            'no leg' => [$route(['legs' => []]), 'at least one leg'],
            'a symbol twice' => [$route(['legs' => [['symbol' => 'A', 'instrument' => 'a'], ['symbol' => ' a ', 'instrument' => 'b']]]), 'Two legs take the symbol'],
            'an unknown size rule' => [$route(['size' => ['rule' => 'all_in']]), 'no size rule “all_in”; known are fixed_units'],
            'a size of nothing' => [$route(['size' => ['rule' => 'fixed_money', 'amount' => '0']]), 'above zero; found 0'],
            'a size without amount' => [$route(['size' => ['rule' => 'fixed_units']]), 'needs an amount'],
        ];
    }

    #[DataProvider('misses')]
    public function test_a_symbol_that_nobody_takes_is_told_its_nearest(string $symbol, array $known, string $words): void
    {
        self::assertStringContainsString($words, NearestSymbol::sentence($symbol, $known));
    }

    /** @return array<string, array{string, array<string, string>, string}> */
    public static function misses(): array
    {
        $known = ['MARL/USD' => 'Swings', 'TUFA/USD' => 'Slow'];

        return [
            'one letter off' => ['MARLUSD', $known, 'the nearest is MARL/USD, taken by “Swings”'],
            'another case' => ['tufa-usd', $known, 'the nearest is TUFA/USD, taken by “Slow”'],
            'no route at all' => ['MARL/USD', [], 'make one for MARL/USD'],
            'very long' => [str_repeat('X', 64), $known, 'the nearest is'],
        ];
    }
}
