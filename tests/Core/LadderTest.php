<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Eris\Generators;
use Eris\TestTrait;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Decision;
use Wexon\Core\Ladder\Fall;
use Wexon\Core\Ladder\Ladder;
use Wexon\Core\Ladder\Rung;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Route\RouteRules;
use Wexon\Core\Signal\OrderSide;

/** All figures worked out by hand: entries of 2 units at 40.01 (long) or 39.99 (short), a fee of 0.05 % on each fill. */
final class LadderTest extends TestCase
{
    use TestTrait;

    private const LADDER = ['levels' => 3, 'distance' => '1', 'spacing' => '1.5', 'first' => '1', 'growth' => '2'];

    public function test_the_table_of_a_ladder(): void
    {
        $table = array_map(static fn (Rung $rung): string => implode(' ', $rung->toArray()), self::decide([])->ladder);

        // level price units total money average break-even bounce; 1 %, 2.5 % and 4.75 % below 40.01.
        self::assertSame([
            '0 40.01 2.00 2.00 80.07 40.0100 40.0500 0.11',
            '1 39.60 2.00 4.00 159.30 39.8050 39.8448 0.62',
            '2 39.00 4.00 8.00 315.38 39.4025 39.4419 1.14',
            '3 38.10 8.00 16.00 620.34 38.7512 38.7900 1.82',
        ], $table);
    }

    /** @param  array<string, mixed>  $rules */
    #[DataProvider('entries')]
    public function test_the_orders_of_an_entry_with_planned_adds(array $rules, string $message, string $held, string $expected): void
    {
        $decision = self::decide($rules, $message, $held);
        $orders = array_map(static fn ($ticket): string => "{$ticket->number} {$ticket->role->value} {$ticket->side->value} {$ticket->quantity} {$ticket->terms}".($ticket->watched ? ', watched' : ''), $decision->tickets);

        self::assertSame($expected, $orders === [] ? $decision->summary() : implode('; ', $orders));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> */
    public static function entries(): iterable
    {
        $enter = 'enter long MARL/USD';
        yield 'long' => [[], $enter, '0', '1 entry buy 2 at market; 2 add buy 2 at limit 39.60; 3 add buy 4 at limit 39.00; 4 add buy 8 at limit 38.10'];
        // 39.99 × 1.01 = 40.3899, × 1.025 = 40.98975, × 1.0475 = 41.889525
        yield 'watched' => [['ladder' => ['levels' => 1, 'watched' => true] + self::LADDER], $enter, '0', '1 entry buy 2 at market; 2 add buy 2 at limit 39.60, watched'];
        yield 'short, rounded up' => [[], 'enter short MARL/USD', '0', '1 entry sell 2 at market; 2 add sell 2 at limit 40.39; 3 add sell 4 at limit 40.99; 4 add sell 8 at limit 41.89'];
        yield 'after a flip' => [['ladder' => ['levels' => 1] + self::LADDER], 'flip short MARL/USD', '3', '1 exit sell 3 at market; 2 entry sell 2 at market; 3 add sell 2 at limit 40.39'];
        yield 'from the price of a limit' => [['ladder' => ['levels' => 1] + self::LADDER, 'entry' => ['type' => 'limit', 'limit' => ['at' => 'own_side']]], $enter, '0', '1 entry buy 2 at limit 39.99; 2 add buy 2 at limit 39.59'];
        yield 'even steps of half the size' => [['ladder' => ['levels' => 2, 'distance' => '2', 'spacing' => '1', 'first' => '0.5', 'growth' => '1']], $enter, '0', '1 entry buy 2 at market; 2 add buy 1 at limit 39.20; 3 add buy 1 at limit 38.40'];
        yield 'the cap per position ends it' => [['caps' => ['position' => ['amount' => '9', 'unit' => 'units']]], $enter, '0', '1 entry buy 2 at market; 2 add buy 2 at limit 39.60; 3 add buy 4 at limit 39.00'];
        yield 'the cap per order holds each' => [['caps' => ['order' => ['amount' => '3', 'unit' => 'units']]], $enter, '0', '1 entry buy 2 at market; 2 add buy 2 at limit 39.60; 3 add buy 3 at limit 39.00; 4 add buy 3 at limit 38.10'];
        yield 'too dear as a whole' => [['size' => ['rule' => 'fixed_units', 'amount' => '50']], $enter, '0', 'The entry and its 3 planned adds need 15508.26 USD, but only 10000.00 USD may be bound: 2 adds are possible.'];
        yield 'a level that is too small' => [['ladder' => ['first' => '0.001'] + self::LADDER], $enter, '0', 'Level 1 of the planned adds is 0.00 units at 39.60: below the least order of marl_perp, which is 0.13 there.'];
        yield 'a level below zero' => [['ladder' => ['distance' => '60'] + self::LADDER], $enter, '0', 'The price of the order comes out at -20.01: it must be above zero.'];
    }

    /** The table of above, 3 % below the entry: 40.01 × 0.97 = 38.8097, two adds are filled. */
    public function test_where_a_ladder_stands_after_a_fall(): void
    {
        $fall = Fall::of(self::decide([])->ladder, OrderSide::Buy, Worlds::instrument(), BigDecimal::of('3'));

        // (39.4419 − 38.81) × 8 = 5.0552; ÷ 38.81 = 1.6282 %
        self::assertSame('38.81 2 8.00 315.38 39.4419 5.06 1.63', implode(' ', $fall->toArray()));
        self::assertSame(0, Fall::of(self::decide([])->ladder, OrderSide::Buy, Worlds::instrument(), BigDecimal::zero())->filled);
        // 39.99 × 1.06 = 42.3894: all three
        self::assertSame(3, Fall::of(self::decide([], 'enter short MARL/USD')->ladder, OrderSide::Sell, Worlds::instrument(), BigDecimal::of('6'))->filled);
    }

    public function test_numbers_that_make_no_ladder_are_refused(): void
    {
        foreach (['1 to 20 levels' => ['levels' => 21], 'above zero' => ['spacing' => '0'], 'found 0.0' => ['growth' => '0.0']] as $words => $change) {
            try {
                Ladder::of($change + self::LADDER);
                self::fail($words);
            } catch (InvalidArgumentException $trouble) {
                self::assertStringContainsString($words, $trouble->getMessage());
            }
        }
        self::assertSame(self::LADDER, Ladder::of(self::LADDER)->toArray());
    }

    /** Whatever the numbers: each level is further away, the average lies between, and coming back by the bounce is what pays. */
    public function test_a_ladder_goes_down_and_its_average_follows(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(1, 12), Generators::choose(20, 400), Generators::choose(100, 200), Generators::choose(20, 300), Generators::choose(60, 200))
            ->then(function (int $levels, int $distance, int $spacing, int $first, int $growth): void {
                $ladder = ['levels' => $levels, 'distance' => (string) ($distance / 100), 'spacing' => (string) ($spacing / 100), 'first' => (string) ($first / 100), 'growth' => (string) ($growth / 100)];
                $rungs = self::decide(['ladder' => $ladder])->ladder;
                foreach (array_slice($rungs, 1) as $i => $rung) {
                    self::assertTrue($rung->price->isLessThan($rungs[$i]->price));
                    self::assertTrue($rung->average->isLessThan($rungs[$i]->average) && $rung->average->isGreaterThan($rung->price));
                    self::assertTrue($rung->breakEven->isGreaterThan($rung->average));
                    self::assertTrue($rung->price->multipliedBy($rung->bounce->plus(100))->isGreaterThanOrEqualTo($rung->breakEven->multipliedBy(100)->minus('0.01')));
                    self::assertTrue($rung->money->isLessThanOrEqualTo(10_000));
                }
            });
    }

    /** @param  array<string, mixed>  $rules */
    private static function decide(array $rules, string $message = 'enter long MARL/USD', string $held = '0'): Decision
    {
        return Decide::decide(LineReader::read($message), RouteRules::of($rules + [
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']],
            'sides' => 'both', 'opposite' => 'close_only', 'size' => ['rule' => 'fixed_units', 'amount' => '2'], 'ladder' => self::LADDER,
        ]), Worlds::snapshot($held));
    }
}
