<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Position\Fill;
use Wexon\Core\Position\Position;
use Wexon\Core\Signal\OrderSide;

final class PositionTest extends TestCase
{
    use TestTrait;

    /** @param  list<string>  $fills */
    #[DataProvider('stories')]
    public function test_stories(array $fills, string $quantity, ?string $average, string $realised, string $fees, string $openFees): void
    {
        $position = Position::flat();
        foreach ($fills as $fill) {
            [$side, $units, , $price, , $fee] = explode(' ', $fill);
            $position = $position->after(Fill::of(OrderSide::from($side), $units, $price, $fee));
        }

        self::assertSame($quantity, (string) $position->quantity->stripTrailingZeros());
        self::assertSame($average, $position->average() === null ? null : (string) $position->average()->stripTrailingZeros());
        self::assertSame([$realised, $fees, $openFees], array_map(static fn (BigDecimal $number): string => (string) $number->stripTrailingZeros(), [$position->realised, $position->fees, $position->openFees]));
    }

    /** @return iterable<string, array{list<string>, string, string|null, string, string, string}> */
    public static function stories(): iterable
    {
        yield 'bought twice' => [['buy 2 at 10 fee 0.1', 'buy 1 at 13 fee 0.2'], '3', '11', '0', '0.3', '0.3'];
        yield 'half sold at a profit' => [['buy 4 at 10 fee 0.4', 'sell 2 at 15 fee 0.1'], '2', '10', '10', '0.5', '0.2'];
        yield 'closed at a loss' => [['sell 3 at 20 fee 0', 'buy 3 at 22 fee 0.5'], '0', null, '-6', '0.5', '0'];
        yield 'through zero: the fee is split' => [['buy 1 at 10 fee 0', 'sell 3 at 12 fee 0.3'], '-2', '12', '2', '0.3', '0.2'];
        yield 'short added to' => [['sell 1 at 10 fee 0', 'sell 1 at 20 fee 0'], '-2', '15', '0', '0', '0'];
    }

    /** Worked by hand: bought 10 at 100, fee 1 of 1000, exit fee 0.1 %. (1000 + 1) ÷ (10 × 0.999) = 100.2002… */
    public function test_break_even_gives_back_exactly_what_was_paid(): void
    {
        $long = Position::flat()->after(Fill::of(OrderSide::Buy, '10', '100', '1'));
        self::assertStringStartsWith('100.200200200', (string) $long->breakEven(BigDecimal::of('0.001')));

        $short = Position::flat()->after(Fill::of(OrderSide::Sell, '10', '100', '1'));
        self::assertStringStartsWith('99.800199800', (string) $short->breakEven(BigDecimal::of('0.001')));
    }

    /** Realised + unrealised − fees is the change in equity, to the last digit, whatever the fills. */
    public function test_the_books_add_up(): void
    {
        $fill = Generators::tuple(Generators::elements('buy', 'sell'), Generators::choose(1, 9_999), Generators::choose(1, 999_999), Generators::choose(0, 500));
        $this->forAll(Generators::seq($fill), Generators::choose(1, 999_999), Generators::elements('1', '0.1', '100'))->then(function (array $fills, int $mark, string $multiplier): void {
            $position = Position::flat($multiplier);
            $cash = BigDecimal::zero();
            $held = BigDecimal::zero();
            foreach ($fills as [$side, $units, $price, $fee]) {
                [$units, $price, $fee] = [BigDecimal::ofUnscaledValue($units, 3), BigDecimal::ofUnscaledValue($price, 4), BigDecimal::ofUnscaledValue($fee, 4)];
                $side = OrderSide::from($side);
                $position = $position->after(Fill::of($side, $units, $price, $fee));
                $held = $held->plus($units->multipliedBy($side->sign()));
                $cash = $cash->minus($units->multipliedBy($side->sign())->multipliedBy($price)->multipliedBy($multiplier))->minus($fee);
            }
            $mark = BigDecimal::ofUnscaledValue($mark, 4);
            $equity = $cash->plus($held->multipliedBy($mark)->multipliedBy($multiplier));

            self::assertTrue($position->quantity->isEqualTo($held));
            self::assertTrue($position->result($mark)->isEqualTo($equity), "{$position->result($mark)} is not {$equity}");
            self::assertTrue(! $position->isFlat() || ($position->cost->isZero() && $position->openFees->isZero()));
        });
    }
}
