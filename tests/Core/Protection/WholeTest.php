<?php

declare(strict_types=1);

namespace Tests\Core\Protection;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wexon\Core\Protection\Whole;

final class WholeTest extends TestCase
{
    /** @param  array<string, string>  $spec */
    #[DataProvider('moments')]
    public function test_when_everything_is_closed(array $spec, string $profit, string $best, ?string $reason): void
    {
        self::assertSame($reason, Whole::of($spec)->reason(BigDecimal::of($profit), BigDecimal::of($best)));
        self::assertSame($spec, Whole::of($spec)->toArray());
    }

    /** @return iterable<string, array{array<string, string>, string, string, string|null}> */
    public static function moments(): iterable
    {
        $all = ['stop' => '100', 'target' => '250', 'reached' => '150', 'keep' => '80'];
        yield 'nothing is reached' => [$all, '60', '149.99', null];
        yield 'the loss is at the stop' => [$all, '-100', '10', 'route stop'];
        yield 'a gap beyond the stop' => [$all, '-900', '200', 'route stop'];
        yield 'the target' => [$all, '250', '250', 'route target'];
        yield 'it fell to the floor' => [$all, '80', '150', 'route floor'];
        yield 'above the floor' => [$all, '80.01', '150', null];
        yield 'the floor was not reached' => [$all, '20', '149.99', null];
        yield 'a stop alone' => [['stop' => '100'], '9999', '9999', null];
    }

    public function test_a_floor_above_what_it_waits_for_is_refused(): void
    {
        $this->expectException(InvalidArgumentException::class);
        Whole::of(['reached' => '100', 'keep' => '100']);
    }
}
