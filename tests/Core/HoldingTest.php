<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Position\Fill;
use Wexon\Core\Practice\Holding;
use Wexon\Core\Practice\Noise;
use Wexon\Core\Signal\OrderSide;

/** The practice venue's arithmetic. */
final class HoldingTest extends TestCase
{
    use TestTrait;

    /** Bought 10 at 100 with a fee of 1: spot pays it all, a contract at leverage 5 pays the fee and binds 200. */
    public function test_cash_and_margin_by_hand(): void
    {
        $fill = Fill::of(OrderSide::Buy, '10', '100', '1');

        [$spot, $paid] = Holding::none(Worlds::instrument(['kind' => 'spot']))->after($fill);
        self::assertSame(['-1001', '0', '1010'], array_map(strval(...), [$paid, $spot->margin(), $spot->worth(BigDecimal::of('101'))]));

        [$contract, $paid] = Holding::of(Worlds::instrument(), '0', '0', '0', '0', '0', 5)->after($fill);
        self::assertSame('-1', (string) $paid->stripTrailingZeros());
        self::assertTrue($contract->margin()->isEqualTo('200'));
        self::assertTrue($contract->freeing(BigDecimal::of('101'))->isEqualTo('-190'), 'ten of profit, two hundred bound');
    }

    /** Whether paid in full or on margin, the same trades make the same equity. */
    public function test_spot_and_contracts_make_the_same_money(): void
    {
        $fill = Generators::tuple(Generators::elements('buy', 'sell'), Generators::choose(1, 9_999), Generators::choose(1, 99_999), Generators::choose(0, 99));
        $this->limitTo(60)->forAll(Generators::seq($fill), Generators::choose(1, 99_999))->then(function (array $fills, int $mark): void {
            $mark = BigDecimal::ofUnscaledValue($mark, 3);
            $equities = array_map(static function (string $kind) use ($fills, $mark): BigDecimal {
                $holding = Holding::none(Worlds::instrument(['kind' => $kind]));
                $cash = BigDecimal::zero();
                foreach ($fills as [$side, $units, $price, $fee]) {
                    [$holding, $moved] = $holding->after(Fill::of(OrderSide::from($side), BigDecimal::ofUnscaledValue($units, 2), BigDecimal::ofUnscaledValue($price, 3), BigDecimal::ofUnscaledValue($fee, 3)));
                    $cash = $cash->plus($moved);
                }

                return $cash->plus($holding->worth($mark));
            }, ['spot', 'perpetual']);

            self::assertTrue($equities[0]->isEqualTo($equities[1]), "{$equities[0]} and {$equities[1]}");
        });
    }

    public function test_noise_stays_in_its_bounds_and_has_no_breaks(): void
    {
        $this->forAll(Generators::choose(0, 1 << 30), Generators::choose(0, 2_000_000_000_000), Generators::elements(500, 64_000, 1 << 32))->then(function (int $seed, int $time, int $period): void {
            $value = Noise::along($seed, [$time], $period)[0];
            $next = Noise::along($seed, [$time + 1], $period)[0];

            self::assertLessThanOrEqual(Noise::ONE, abs($value));
            self::assertLessThanOrEqual(intdiv(4 * Noise::ONE, $period) + 2, abs($next - $value), 'never steeper than its curve');
            self::assertSame($value, Noise::along($seed, [$time], $period)[0]);
        });
    }
}
