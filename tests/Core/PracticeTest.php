<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Practice\Depth;
use Wexon\Core\Practice\PricePath;
use Wexon\Core\Signal\OrderSide;

final class PracticeTest extends TestCase
{
    private const START = 1_772_461_800_000;

    private const FIXED = ['36.669070', '36.992570', '37.274690', '37.064152'];

    private const DAY = 86_400_000;

    /** Fixed values: the path must be the same on every machine and for ever, or every chart and book would disagree. */
    public function test_the_path_is_the_same_everywhere(): void
    {
        $path = PricePath::of('MARL', 7, '38.40', 350, 120);
        $prices = array_map(static fn (int $i): string => (string) $path->at(self::START + $i * 3_600_000, 6), range(0, 3));

        self::assertSame(self::FIXED, $prices);
        self::assertEquals($path->at(self::START), $path->at(self::START + PricePath::STEP - 1), 'it moves in steps');
    }

    public function test_it_stays_around_its_base_for_years_and_yet_moves_every_day(): void
    {
        $path = PricePath::of('TUFA', 3, '100', 300, 100);
        $still = 0;
        for ($day = 0; $day < 1500; $day++) {
            $price = $path->at(self::START + $day * self::DAY);
            self::assertTrue($price->isGreaterThan('40') && $price->isLessThan('250'), "{$price} on day {$day}");
            $still += (int) $price->minus($path->at(self::START + ($day + 1) * self::DAY))->abs()->isLessThan('0.05');
        }
        self::assertLessThan(60, $still);
    }

    public function test_a_large_order_is_filled_in_parts_at_worse_prices(): void
    {
        $depth = Depth::around(Worlds::instrument(), BigDecimal::of('40'), 2, '1000', new DateTimeImmutable('2026-03-02'));

        $buy = array_map(static fn (array $part): string => "{$part['quantity']} at {$part['price']}", $depth->take(OrderSide::Buy, BigDecimal::of('100')));
        $sell = array_map(static fn (array $part): string => "{$part['quantity']} at {$part['price']}", $depth->take(OrderSide::Sell, BigDecimal::of('30')));

        self::assertSame(['25.00 at 40.01', '49.97 at 40.03', '25.03 at 40.05'], $buy);
        self::assertSame(['25.01 at 39.99', '4.99 at 39.97'], $sell);
    }
}
