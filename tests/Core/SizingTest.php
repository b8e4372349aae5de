<?php

declare(strict_types=1);

namespace Tests\Core;

use Brick\Math\BigDecimal;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Market\Balance;
use Wexon\Core\Signal\AskedSize;
use Wexon\Core\Signal\SizeUnit;
use Wexon\Core\Sizing\Sizer;
use Wexon\Core\Sizing\SizeRefusal;
use Wexon\Core\Sizing\SizeRules;
use Wexon\Core\Sizing\SizingInput;

final class SizingTest extends TestCase
{
    use TestTrait;

    /**
     * @param  array{rule: string, amount?: string}  $rule
     * @param  array<string, string>  $instrument
     */
    #[DataProvider('examples')]
    public function test_worked_examples(array $rule, string $price, string $equity, array $instrument, ?AskedSize $asked, string $units, string $working): void
    {
        $input = new SizingInput(Worlds::instrument($instrument), BigDecimal::of($price), Balance::of('USD', $equity, $equity), BigDecimal::of($equity), BigDecimal::of('1'), $asked);
        $sized = Sizer::size(SizeRules::of($rule), $input);

        self::assertSame($units, (string) $sized->units);
        self::assertSame($working, $sized->working);
    }

    /** @return iterable<string, array{array{rule: string, amount?: string}, string, string, array<string, string>, AskedSize|null, string, string}> */
    public static function examples(): iterable
    {
        yield 'percent, rounded down to whole units' => [
            ['rule' => 'percent_of_equity', 'amount' => '4'], '38.46', '62500', ['lot_step' => '1', 'least_size' => '1'], null,
            '65', '4 % of 62500.00 USD = 2500.00 USD ÷ 38.46 = 65.0026001 → 65 = 2499.90 USD',
        ];
        yield 'money at a price that does not divide' => [
            ['rule' => 'fixed_money', 'amount' => '100'], '0.3', '1000', ['lot_step' => '0.1'], null,
            '333.3', '100 USD ÷ 0.3 = 333.33333333 → 333.3 = 99.99 USD',
        ];
        yield 'a contract of ten' => [
            ['rule' => 'fixed_money', 'amount' => '1000'], '40', '5000', ['multiplier' => '10'], null,
            '2.50', '1000 USD ÷ 40 = 2.5 → 2.50 = 1000.00 USD',
        ];
        yield 'percent from the message, at a price of eight digits' => [
            ['rule' => 'from_message'], '12345678.9', '500000', ['lot_step' => '0.0001', 'least_size' => '0.0001'], AskedSize::of(BigDecimal::of('50'), SizeUnit::Percent),
            '0.0202', 'message: 50 % of 500000.00 USD = 250000.00 USD ÷ 12345678.9 = 0.02025 → 0.0202 = 249382.71 USD',
        ];
    }

    /** Never more than asked, always a multiple of the lot step, never beyond the money, never below the least. */
    public function test_a_size_keeps_every_limit(): void
    {
        $this->forAll(
            Generators::choose(1, 2_000_000), Generators::choose(1, 9_000_000), Generators::choose(1, 5_000_000),
            Generators::elements('0.0001', '0.01', '0.03', '1', '25'), Generators::elements('1', '3', '20'), Generators::elements('fixed_units', 'fixed_money', 'percent_of_equity'),
        )->then(function (int $amount, int $price, int $equity, string $step, string $leverage, string $rule): void {
            $instrument = Worlds::instrument(['lot_step' => $step, 'least_size' => $step]);
            [$amount, $price, $equity] = [BigDecimal::ofUnscaledValue($amount, 3), BigDecimal::ofUnscaledValue($price, 4), BigDecimal::ofUnscaledValue($equity, 2)];
            $size = SizeRules::of(['rule' => $rule, 'amount' => (string) $amount]);
            $input = new SizingInput($instrument, $price, Balance::of('USD', $equity, $equity), $equity, BigDecimal::of($leverage));
            $asked = $size->units($input)->units;
            try {
                $units = Sizer::size($size, $input)->units;
            } catch (SizeRefusal $refusal) {
                self::assertMatchesRegularExpression('/, which is \S+ |at most \S+ units/', $refusal->getMessage());

                return;
            }
            self::assertTrue($units->isLessThanOrEqualTo($asked));
            self::assertTrue($asked->minus($units)->isLessThan(BigDecimal::of($step)), 'less than one step is lost');
            self::assertTrue($units->remainder(BigDecimal::of($step))->isZero());
            self::assertTrue($instrument->notional($units, $price)->isGreaterThanOrEqualTo($instrument->leastNotional));
            self::assertTrue($instrument->notional($units, $price)->isLessThanOrEqualTo($equity->multipliedBy($leverage)));
        });
    }
}
