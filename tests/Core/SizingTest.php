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
            '2.50', '1000 USD ÷ (40 × 10) = 2.5 → 2.50 = 1000.00 USD',
        ];
        yield 'percent from the message, at a price of eight digits' => [
            ['rule' => 'from_message'], '12345678.9', '500000', ['lot_step' => '0.0001', 'least_size' => '0.0001'], AskedSize::of(BigDecimal::of('50'), SizeUnit::Percent),
            '0.0202', 'message: 50 % of 500000.00 USD = 250000.00 USD ÷ 12345678.9 = 0.02025 → 0.0202 = 249382.71 USD',
        ];
    }

    /**
     * By hand, for each kind of venue: what a size costs, at a leverage, in the account's money.
     *
     * @param  array<string, string>  $instrument
     * @param  array{rule: string, amount?: string}  $rule
     * @param  string  $expected  Units, or the words in which it is refused.
     */
    #[DataProvider('venueExamples')]
    public function test_worked_examples_of_each_kind_of_venue(array $instrument, string $price, string $rate, string $currency, string $free, string $leverage, array $rule, ?AskedSize $asked, string $expected): void
    {
        $input = new SizingInput(Worlds::instrument($instrument), BigDecimal::of($price), Balance::of($currency, $free, $free), BigDecimal::of($free), BigDecimal::of($leverage), $asked, rate: BigDecimal::of($rate));
        try {
            $found = (string) Sizer::size(SizeRules::of($rule), $input)->units;
        } catch (SizeRefusal $refusal) {
            $found = $refusal->getMessage();
        }

        self::assertStringStartsWith($expected, $found);
        self::assertTrue(strlen($expected) > 12 || $found === $expected, $found);
    }

    /** @return iterable<string, array{array<string, string>, string, string, string, string, string, array{rule: string, amount?: string}, AskedSize|null, string}> */
    public static function venueExamples(): iterable
    {
        $coin = ['lot_step' => '0.001', 'least_size' => '0.001', 'least_notional' => '5', 'taker_fee' => '0.0005'];
        $pair = ['name' => 'NOK-SEK', 'kind' => 'pair', 'currency' => 'SEK', 'tick' => '0.00001', 'lot_step' => '0.01', 'least_size' => '0.01', 'least_notional' => '0', 'multiplier' => '100000', 'taker_fee' => '0.00003'];
        $share = ['name' => 'ALDR', 'kind' => 'share', 'currency' => 'GBP', 'tick' => '0.01', 'lot_step' => '0.001', 'least_size' => '0.001', 'least_notional' => '1', 'taker_fee' => '0.0006'];
        $whole = ['name' => 'TRNH', 'lot_step' => '1', 'least_size' => '1'] + $share;
        $money = static fn (string $amount): array => ['rule' => 'fixed_money', 'amount' => $amount];
        $lots = static fn (string $amount): AskedSize => AskedSize::of(BigDecimal::of($amount), SizeUnit::Lots);
        $fromMessage = ['rule' => 'from_message'];

        // 65 × 38.46 = 2499.90: money that is exactly 65 steps must not come back as 64.
        yield 'money and back is the same size' => [$whole, '38.46', '1', 'GBP', '5000', '1', $money('2499.90'), null, '65'];
        yield 'a step of a thousandth, exact' => [$coin, '1840.3', '1', 'USD', '5000', '1', $money('1.8403'), null, '1.8403 USD ÷ 1840.3 = 0.001, in steps of 0.001 that is 0.001: below the least order'];
        // 4.99 ÷ 1840.3 = 0.00271 → 0.002; the least value of 5 needs 5 ÷ 1840.3 = 0.002717 → 0.003 = 5.5209, rounded up 5.53.
        yield 'a tiny balance' => [$coin, '1840.3', '1', 'USD', '4.99', '1', ['rule' => 'percent_of_free', 'amount' => '100'], null, '100 % of 4.99 USD free = 4.99 USD ÷ 1840.3 = 0.00271151, in steps of 0.001 that is 0.002: below the least order of marl_perp, which is 0.003 (5.53 USD) at 1840.3.'];
        // 900 ÷ 12 345 678.9 = 0.0000729: nothing.
        yield 'a huge price' => [$coin, '12345678.9', '1', 'USD', '1000', '1', $money('900'), null, '900 USD ÷ 12345678.9 = 0.0000729, in steps of 0.001 that is 0.000: below the least order of marl_perp, which is 0.001 (12345.68 USD) at 12345678.9.'];
        // 10 units cost 400 ÷ L + 400 × 0.0005.
        yield 'leverage 1' => [$coin, '40', '1', 'USD', '400.20', '1', ['rule' => 'fixed_units', 'amount' => '10'], null, '10.000'];
        yield 'leverage 1, a cent short' => [$coin, '40', '1', 'USD', '400.19', '1', ['rule' => 'fixed_units', 'amount' => '10'], null, '10.000 units need 400.20 USD (leverage 1, fee included), but 400.19 USD are free: at most 9.999 units.'];
        yield 'leverage 3' => [$coin, '40', '1', 'USD', '133.54', '3', ['rule' => 'fixed_units', 'amount' => '10'], null, '10.000'];
        yield 'leverage 3, a cent short' => [$coin, '40', '1', 'USD', '133.53', '3', ['rule' => 'fixed_units', 'amount' => '10'], null, '10.000 units need 133.54 USD (leverage 3, fee included), but 133.53 USD are free: at most 9.999 units.'];
        yield 'leverage 20' => [$coin, '40', '1', 'USD', '20.20', '20', ['rule' => 'fixed_units', 'amount' => '10'], null, '10.000'];
        // A lot is 100 000 × 0.97400 SEK = 97 400 SEK × 0.0881 = 8580.94 EUR.
        yield 'lots from the message' => [$pair, '0.97400', '0.0881', 'EUR', '40000', '30', $fromMessage, $lots('0.25'), '0.25'];
        yield 'units of a pair become lots' => [$pair, '0.97400', '0.0881', 'EUR', '40000', '30', $fromMessage, AskedSize::of(BigDecimal::of('25900'), SizeUnit::Units), '0.25'];
        // 10 000 ÷ 8580.94 = 1.1653 → 1.16.
        yield 'money of the account in lots' => [$pair, '0.97400', '0.0881', 'EUR', '40000', '30', $money('10000'), null, '1.16'];
        // One lot binds 8580.94 ÷ 30 + 8580.94 × 0.00003 = 286.0313 + 0.2574 = 286.2887; 1000 are 3.4930 of them → 3.49.
        yield 'lots beyond the margin' => [$pair, '0.97400', '0.0881', 'EUR', '1000', '30', $fromMessage, $lots('3.5'), '3.50 lots need 1002.02 EUR (leverage 30, fee included), but 1000.00 EUR are free: at most 3.49 lots.'];
        yield 'below a hundredth of a lot' => [$pair, '0.97400', '0.0881', 'EUR', '1000', '30', $money('85'), null, '85 EUR ÷ (0.97400 × 100000 × 0.0881) = 0.00990567, in steps of 0.01 that is 0.00: below the least order of NOK-SEK'];
        // 2500 ÷ 38.46 = 65.00260.
        yield 'shares in fractions' => [$share, '38.46', '1', 'GBP', '5000', '2', $money('2500'), null, '65.002'];
        yield 'whole shares' => [$whole, '38.46', '1', 'GBP', '5000', '2', $money('2500'), null, '65'];
        // One share binds 38.46 ÷ 2 + 38.46 × 0.0006 = 19.253076; 100 are 5.19 of them.
        yield 'shares beyond the buying power' => [$whole, '38.46', '1', 'GBP', '100', '2', ['rule' => 'fixed_units', 'amount' => '6'], null, '6 shares need 115.52 GBP (leverage 2, fee included), but 100.00 GBP are free: at most 5 shares.'];
        yield 'lots of a share' => [$share, '38.46', '1', 'GBP', '5000', '2', $fromMessage, $lots('1'), 'The message asks for 1 lot'];
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
