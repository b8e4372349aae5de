<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Decision\Decide;
use Wexon\Core\Decision\Decision;
use Wexon\Core\Decision\Snapshot;
use Wexon\Core\Market\Allocation;
use Wexon\Core\Reading\Line\LineReader;
use Wexon\Core\Route\MarginKind;
use Wexon\Core\Route\RouteRules;

/** Money set aside, and leverage: at ask 40.01 with 10 000 USD free and a taker fee of 0.05 %. */
final class AllocationTest extends TestCase
{
    /** @param  array{string|null, string, string}|null  $allocation Set aside, in use, others. */
    #[DataProvider('allocations')]
    public function test_a_route_binds_no_more_than_is_left_for_it(?array $allocation, array $size, string $expected): void
    {
        $decision = self::decide(['size' => $size], $allocation === null ? null : Allocation::of(...$allocation));

        self::assertSame($expected, $decision->tickets === [] ? $decision->summary() : (string) $decision->tickets[0]->quantity);
    }

    /** @return iterable<string, array{array{string|null, string, string}|null, array<string, string>, string}> */
    public static function allocations(): iterable
    {
        $money = static fn (string $amount): array => ['rule' => 'fixed_money', 'amount' => $amount];
        yield 'nothing is set aside anywhere' => [null, $money('8000'), '199.95']; // 8000 ÷ 40.01
        yield 'enough is left' => [['5000', '1000', '0'], $money('3000'), '74.98'];
        // 99.97 × 40.01 × 1.0005 = 4001.80 > 4000; 4000 ÷ 40.030005 = 99.925
        yield 'a little too much' => [['5000', '1000', '0'], $money('4000'), '99.97 units need 4001.80 USD (leverage 1, fee included), but 4000.00 USD are left of the 5000.00 USD set aside for this route, 1000.00 USD of which are in use: at most 99.92 units.'];
        yield 'all of it is in use' => [['5000', '5200', '0'], $money('100'), '2.49 units need 99.68 USD (leverage 1, fee included), but 0.00 USD are left of the 5000.00 USD set aside for this route, 5200.00 USD of which are in use: at most 0.00 units.'];
        yield 'what others have set aside is theirs' => [[null, '0', '9500'], $money('600'), '14.99 units need 600.05 USD (leverage 1, fee included), but 500.00 USD are free beside the 9500.00 USD that other routes have set aside: at most 12.49 units.'];
        yield 'more set aside than there is' => [['50000', '0', '0'], $money('12000'), '299.92 units need 12005.80 USD (leverage 1, fee included), but 10000.00 USD are left of the 50000.00 USD set aside for this route, 0.00 USD of which are in use: at most 249.81 units.'];
        yield 'a share of what is set aside' => [['5000', '0', '0'], ['rule' => 'percent_of_allocation', 'amount' => '20'], '24.99'];
        yield 'a share of nothing' => [[null, '0', '0'], ['rule' => 'percent_of_allocation', 'amount' => '20'], 'The size is a share of what is set aside for this route, but nothing is set aside for it on this account: set it in the route, or choose another size rule.'];
        yield 'a share of the free money is one of what is left' => [['5000', '1000', '0'], ['rule' => 'percent_of_free', 'amount' => '10'], '9.99'];
    }

    #[DataProvider('leverages')]
    public function test_leverage_is_set_before_an_entry_when_it_differs(?array $leverage, string $now, ?MarginKind $margin, string $message, ?string $largest, string $expected): void
    {
        $decision = self::decide(
            ['leverage' => $leverage, 'size' => ['rule' => 'fixed_money', 'amount' => '50000']],
            null, $message, $now, $margin, $largest === null ? [] : ['largest_leverage' => $largest], str_starts_with($message, 'exit') ? '3' : '0',
        );

        self::assertStringContainsString($expected, $decision->summary());
        self::assertSame(str_contains($expected, 'Set leverage') ? $leverage : null, $decision->leverage?->toArray());
    }

    /** @return iterable<string, array{array{times: string, margin: string}|null, string, MarginKind|null, string, string|null, string}> */
    public static function leverages(): iterable
    {
        [$enter, $ten] = ['enter long MARL/USD', ['times' => '10', 'margin' => 'isolated']];
        yield 'it differs' => [$ten, '1', MarginKind::Isolated, $enter, '20', 'Set leverage to 10 times, isolated; then buy 1249.68'];
        yield 'it is so' => [$ten, '10', MarginKind::Isolated, $enter, '20', 'Buy 1249.68'];
        yield 'the other kind of margin' => [$ten, '10', MarginKind::Cross, $enter, '20', 'Set leverage to 10 times, isolated; then buy'];
        yield 'the venue does not say' => [$ten, '10', null, $enter, null, 'Buy 1249.68'];
        yield 'an exit leaves it' => [$ten, '1', MarginKind::Isolated, 'exit MARL/USD', '20', 'Sell 3'];
        yield 'as it is there' => [null, '20', null, $enter, '20', 'Buy 1249.68'];
        // 1249.68 × 40.01 ÷ 4 + fee
        yield 'not enough for this much' => [['times' => '4', 'margin' => 'cross'], '1', null, $enter, '20', '1249.68 units need 12524.93 USD (leverage 4, fee included), but 10000.00 USD are free: at most'];
        yield 'more than there can be' => [['times' => '25', 'margin' => 'cross'], '1', null, $enter, '20', 'This route wants 25 times leverage, but marl_perp takes 20 at most.'];
        yield 'none can be' => [$ten, '1', null, $enter, '1', 'marl_perp is traded without leverage'];
    }

    public function test_what_was_seen_comes_back_from_where_it_is_kept(): void
    {
        $snapshot = self::snapshot(Allocation::of('5000', '1000', '20'), '5', MarginKind::Cross, ['largest_leverage' => '20'], '0');

        self::assertEquals($snapshot, Snapshot::fromArray($snapshot->toArray()));
    }

    /**
     * @param  array<string, mixed>  $rules
     * @param  array<string, string>  $instrument
     */
    private static function decide(array $rules, ?Allocation $allocation, string $message = 'enter long MARL/USD', string $leverage = '1', ?MarginKind $margin = null, array $instrument = [], string $held = '0'): Decision
    {
        return Decide::decide(LineReader::read($message), RouteRules::of([
            'legs' => [['symbol' => 'MARL/USD', 'instrument' => 'marl_perp']], 'sides' => 'both', 'opposite' => 'close_only', ...$rules,
        ]), self::snapshot($allocation, $leverage, $margin, $instrument, $held));
    }

    /** @param  array<string, string>  $instrument */
    private static function snapshot(?Allocation $allocation, string $leverage, ?MarginKind $margin, array $instrument, string $held): Snapshot
    {
        $world = Worlds::snapshot($held, $instrument, leverage: $leverage);

        return new Snapshot($world->instrument, $world->quote, $world->balance, $world->position, BigDecimal::of($leverage), $world->routeState, $world->now, allocation: $allocation, margin: $margin);
    }
}
